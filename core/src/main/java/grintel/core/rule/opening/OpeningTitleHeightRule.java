package grintel.core.rule.opening;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;

/** How far down its page the title of a title page stands: in the upper half, and two double lines under the margin. */
public final class OpeningTitleHeightRule implements Rule {
    /** Twips: two double lines of 12 pt type, less what programs round. */
    private static final double LEAST = 2 * 552 - 120;

    /** Three double lines. */
    private static final int SET = 3 * 552;

    @Override
    public String id() {
        return "opening.title-height";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> title = Titles.onTitlePage(exam);
        return exam.paragraphs(title.isEmpty() ? List.of() : title.subList(0, 1))
                .filter(paragraph -> !exam.proof().lines(paragraph.address()).isEmpty())
                .check(id(), "height")
                .measure(paragraph -> Measure.distance(height(exam, paragraph), Length.Unit.INCHES))
                .asks(Measure.word("upper-half"))
                .metWhen((paragraph, is) -> isInUpperHalf(exam, paragraph))
                .fix((off, cause) -> off.stream()
                        .flatMap(paragraph -> lowered(exam, paragraph, cause).stream())
                        .toList())
                .readings();
    }

    private static Proof.Placed first(Examination exam, Paragraph paragraph) {
        return exam.proof().lines(paragraph.address()).get(0);
    }

    /** Twips from the top of the text's frame to the title's first line. */
    private static double height(Examination exam, Paragraph paragraph) {
        Proof.Placed at = first(exam, paragraph);
        return Millipoints.toTwips(at.line().top() - at.page().frame().top());
    }

    private static boolean isInUpperHalf(Examination exam, Paragraph paragraph) {
        Proof.Placed at = first(exam, paragraph);
        return height(exam, paragraph) >= LEAST && at.line().y() <= at.page().height() / 2;
    }

    /** Sets the height by space before, and takes the blank lines above out. */
    private static List<Edit> lowered(Examination exam, Paragraph title, Cause cause) {
        List<Edit> edits = new ArrayList<>();
        boolean opens = true;
        for (int i = title.address().index() - 1; i >= 0 && opens; i--) {
            Paragraph above = exam.paper().paragraphs().get(i);
            opens = exam.parts().kind(i) == PartKind.BLANK && !above.hasPageBreak() && !above.endsSection();
            if (opens) {
                edits.add(new Edit.RemoveParagraph(above.address()));
            }
        }
        edits.addAll(cause.alone().set(Cause.paragraphs(List.of(title)), ParagraphProperties.SPACE_BEFORE, SET));
        return edits;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        for (ProofLine line : page.lines(PagePart.TEXT)) {
            int index = line.paragraph().index();
            if (!line.isEmpty()
                    && exam.parts().kind(index) == PartKind.TITLE
                    && exam.parts().isOnTitlePage(index)) {
                return List.of(Stroke.down(
                                "height",
                                page.frame().top(),
                                line.top(),
                                page.frame().left(),
                                0)
                        .of(readings));
            }
        }
        return List.of();
    }
}
