package grintel.core.rule.notes;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.NoteDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.FirstLine;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The first line of a note is set in, its others stand at the margin. */
public final class NotesFirstLineRule implements Rule {
    @Override
    public String id() {
        return "notes.first-line";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length indent = ask.get(NoteDemands.INDENT);
        Subjects<Paragraph> notes = NoteParagraphs.of(exam);
        List<Reading> out = new ArrayList<>(FirstLine.readings(id(), "first-line", exam, notes, indent));
        out.addAll(notes.check(id(), "others")
                .measure(paragraph -> second(exam, paragraph, indent.unit()))
                .asks(Measure.distance(0, indent.unit()))
                .fix((off, cause) -> FirstLine.set(cause, off, indent.rounded()))
                .readings());
        return out;
    }

    private static @Nullable Measure second(Examination exam, Paragraph paragraph, Length.Unit unit) {
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        return lines.size() < 2
                ? null
                : Measure.distance(FirstLine.fromMargin(lines.get(1).line()), unit);
    }
}
