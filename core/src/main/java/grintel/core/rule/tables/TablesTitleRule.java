package grintel.core.rule.tables;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.TableDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.TitleReadings;
import grintel.core.structure.PartKind;
import java.util.List;

/** The title of each table: on the line under its number or in it, in its slant and case. */
public final class TablesTitleRule implements Rule {
    @Override
    public String id() {
        return "tables.title";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return new TitleReadings(id(), exam, PartKind.TABLE, ask.get(TableDemands.TITLE), true).readings();
    }
}
