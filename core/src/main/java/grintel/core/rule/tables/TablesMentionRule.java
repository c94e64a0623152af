package grintel.core.rule.tables;

import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.MentionReadings;
import grintel.core.structure.PartKind;
import java.util.List;

/** Each table is mentioned in the text by its number, in order. */
public final class TablesMentionRule implements Rule {
    @Override
    public String id() {
        return "tables.mention";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return new MentionReadings(id(), exam, PartKind.TABLE).readings();
    }
}
