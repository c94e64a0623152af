package grintel.core.rule.opening;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.Boldness;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.FirstLine;
import grintel.core.rule.LineForm;
import grintel.core.rule.LineWords;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The author note in the lower half of the title page: its label, and its paragraphs set in as those of the text. */
public final class OpeningAuthorNoteRule implements Rule {
    @Override
    public String id() {
        return "opening.author-note";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> labels = exam.parts().paragraphs(PartKind.AUTHOR_NOTE_LABEL);
        Subjects<Stretch> label = exam.lines(labels);
        Subjects<Paragraph> text = exam.paragraphs(exam.parts().paragraphs(PartKind.AUTHOR_NOTE_TEXT));
        List<Reading> out = new ArrayList<>(LineWords.readings(id(), label, "Author Note"));
        out.addAll(LineForm.centred(Boldness.BOLD).readings(id(), exam, label));
        out.addAll(exam.paragraphs(labels)
                .check(id(), "place")
                .measure(paragraph -> place(exam, paragraph))
                .asks(Measure.word("lower-half"))
                .fix((off, cause) -> off.stream()
                        .flatMap(paragraph -> lowered(exam, paragraph, cause).stream())
                        .toList())
                .readings());
        out.addAll(FirstLine.asText(id(), "indent", exam, text));
        return out;
    }

    private static @Nullable Measure place(Examination exam, Paragraph label) {
        List<Proof.Placed> lines = exam.proof().lines(label.address());
        return lines.isEmpty() ? null : Measure.word(missing(lines.get(0)) > 0 ? "upper-half-of-page" : "lower-half");
    }

    /** Twips from the label down to the middle of the sheet; none or less where it stands below that. */
    private static int missing(Proof.Placed at) {
        return (at.page().height() / 2 - at.line().top()) / Millipoints.PER_TWIP;
    }

    private static List<Edit> lowered(Examination exam, Paragraph label, Cause cause) {
        Proof.Placed at = exam.proof().lines(label.address()).get(0);
        int before = label.format().get(ParagraphProperties.SPACE_BEFORE) + missing(at) + 1;
        return cause.alone().set(Cause.paragraphs(List.of(label)), ParagraphProperties.SPACE_BEFORE, before);
    }
}
