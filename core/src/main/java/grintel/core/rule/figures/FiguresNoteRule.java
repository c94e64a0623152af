package grintel.core.rule.figures;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.NoteReadings;
import grintel.core.structure.PartKind;
import java.util.List;

/** The notes under each figure: the word they open with, and their order. */
public final class FiguresNoteRule implements Rule {
    @Override
    public String id() {
        return "figures.note";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return new NoteReadings(id(), exam, PartKind.FIGURE, ask.get(FigureDemands.NOTE)).readings();
    }
}
