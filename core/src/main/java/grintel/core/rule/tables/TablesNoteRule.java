package grintel.core.rule.tables;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.TableDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.NoteReadings;
import grintel.core.structure.PartKind;
import java.util.List;

/** The notes under each table: the word they open with, and first those on the whole, then on cells, then on probability. */
public final class TablesNoteRule implements Rule {
    @Override
    public String id() {
        return "tables.note";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return new NoteReadings(id(), exam, PartKind.TABLE, ask.get(TableDemands.NOTE)).readings();
    }
}
