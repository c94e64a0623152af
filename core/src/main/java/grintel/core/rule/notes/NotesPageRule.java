package grintel.core.rule.notes;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.NoteDemands;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.LineWords;
import grintel.core.rule.PageStart;
import grintel.core.rule.PartMove;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** A page of notes: its label, set as that of the list of sources, its new page, and its place among the parts. */
public final class NotesPageRule implements Rule {
    @Override
    public String id() {
        return "notes.page";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Stretch> label = exam.lines(exam.parts().paragraphs(PartKind.NOTES_LABEL));
        List<Reading> out = new ArrayList<>(LineWords.readings(id(), label, ask.get(NoteDemands.LABEL)));
        out.addAll(LineForm.centred(exam.ask("sources.label").get(SourceDemands.BOLD))
                .readings(id(), exam, label));
        out.addAll(PageStart.readings(id(), exam, exam.paragraphs(exam.parts().paragraphs(PartKind.NOTES_LABEL))));
        out.addAll(PartMove.readings(
                id(), "place", exam, PartKind.NOTES_PAGE, ask.get(NoteDemands.PLACE), FixClass.APPARATUS));
        return out;
    }
}
