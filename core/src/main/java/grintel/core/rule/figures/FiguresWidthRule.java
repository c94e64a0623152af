package grintel.core.rule.figures;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.value.Length;
import grintel.core.paper.Inline;
import grintel.core.paper.Lengths;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.List;

/** A picture that stands in a line is no wider than the text. */
public final class FiguresWidthRule implements Rule {
    private static final Measure WITHIN = Measure.word("within-the-margins");

    @Override
    public String id() {
        return "figures.width";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.paragraphs(Pictures.paragraphs(exam))
                .filter(paragraph -> measure(exam, paragraph) > 0)
                .check(id(), "width")
                .measure(paragraph -> beyond(exam, paragraph) <= Measure.TOLERANCE
                        ? WITHIN
                        : new Measure.Phrase(
                                "beyond-the-margins", Measure.distance(beyond(exam, paragraph), Length.Unit.INCHES)))
                .asks(WITHIN)
                .fix((off, cause) -> off.stream()
                        .flatMap(paragraph -> narrowed(exam, paragraph).stream())
                        .toList())
                .readings();
    }

    /** Twips from edge to edge of the column a paragraph stands in, 0 where it stands on no page. */
    private static int measure(Examination exam, Paragraph paragraph) {
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        return lines.isEmpty()
                ? 0
                : (lines.get(0).line().columnRight() - lines.get(0).line().columnLeft()) / Millipoints.PER_TWIP;
    }

    /** Twips by which the widest of the pictures in the line is wider than that. */
    private static double beyond(Examination exam, Paragraph paragraph) {
        double most = 0;
        for (Pictures.Placed placed : Pictures.in(paragraph)) {
            if (placed.picture().anchor() == null) {
                double twips = placed.picture().width() / (double) Lengths.EMU_PER_TWIP;
                most = Math.max(most, twips - measure(exam, paragraph));
            }
        }
        return most;
    }

    private static List<Edit> narrowed(Examination exam, Paragraph paragraph) {
        long room = measure(exam, paragraph) * Lengths.EMU_PER_TWIP;
        List<Edit> out = new ArrayList<>();
        for (Pictures.Placed placed : Pictures.in(paragraph)) {
            Inline.Picture picture = placed.picture();
            if (picture.anchor() == null && picture.width() > room) {
                long height = Math.max(1, Math.round(picture.height() * (room / (double) picture.width())));
                out.add(new Edit.ChangePicture(
                        paragraph.address(), placed.at(), new Edit.ChangePicture.Size(room, height), null, false));
            }
        }
        return out;
    }
}
