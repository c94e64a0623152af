package grintel.core.rule.notes;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.NoteDemands;
import grintel.core.paper.Note;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Notes at the foot of the page, or at the end, as the guide asks. */
public final class NotesKindRule implements Rule {
    @Override
    public String id() {
        return "notes.kind";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        NoteDemands.Kind asked = ask.get(NoteDemands.KIND);
        List<Note> notes = exam.paper().notes().stream()
                .filter(note -> !note.paragraphs().isEmpty())
                .toList();
        return exam.whole()
                .each(
                        paper -> notes,
                        note -> exam.place(note.paragraphs().get(0)),
                        note -> exam.identity(note.paragraphs().get(0)))
                .check(id(), "kind")
                .measure(note -> Measure.word(note.story().kind() == Story.Kind.FOOTNOTE ? "footnotes" : "endnotes"))
                .asks(Measure.word(asked == NoteDemands.Kind.ENDNOTES ? "endnotes" : "footnotes"))
                .metWhen((note, is) -> asked == NoteDemands.Kind.EITHER)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .<Edit>map(note -> new Edit.ChangeNoteKind(note.story()))
                                .toList())
                .readings();
    }
}
