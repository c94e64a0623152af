package grintel.core.rule.tables;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.TableDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.NumberReadings;
import grintel.core.structure.PartKind;
import java.util.List;

/** The number over each table: its words, its looks, counted in the order in which the tables stand. */
public final class TablesNumberRule implements Rule {
    @Override
    public String id() {
        return "tables.number";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return new NumberReadings(id(), exam, PartKind.TABLE, ask.get(TableDemands.NUMBER), true).readings();
    }
}
