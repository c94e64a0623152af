package grintel.core.rule.figures;

import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.MentionReadings;
import grintel.core.structure.PartKind;
import java.util.List;

/** Each figure is mentioned in the text by its number, in order. */
public final class FiguresMentionRule implements Rule {
    @Override
    public String id() {
        return "figures.mention";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return new MentionReadings(id(), exam, PartKind.FIGURE).readings();
    }
}
