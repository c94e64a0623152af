package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where the first line of a paragraph starts, as laid out: indents, tabs and spaces all count. */
public final class FirstLine {
    private static final Length USUAL = new Length(720, Length.Unit.INCHES);

    private FirstLine() {}

    /** The readings of a rule that asks first lines to start where those of the text do, half an inch in unless said. */
    public static List<Reading> asText(String rule, String quantity, Examination exam, Subjects<Paragraph> paragraphs) {
        Length asked = exam.ask("spacing.first-line").find(SpacingDemands.INDENT);
        return readings(rule, quantity, exam, paragraphs, asked == null ? USUAL : asked);
    }

    /** The readings of a rule that asks first lines to start at a distance from the margin. */
    public static List<Reading> readings(
            String rule, String quantity, Examination exam, Subjects<Paragraph> paragraphs, Length asked) {
        return paragraphs
                .check(rule, quantity)
                .measure(paragraph -> measure(exam, paragraph, asked.unit()))
                .asks(Measure.distance(asked))
                .fix((off, cause) -> set(cause, off, asked.rounded()))
                .readings();
    }

    private static @Nullable Measure measure(Examination exam, Paragraph paragraph, Length.Unit unit) {
        Alignment alignment = paragraph.format().get(ParagraphProperties.ALIGNMENT);
        if (alignment == Alignment.CENTRE || alignment == Alignment.RIGHT) {
            // Where its lines start is a matter of their alignment.
            return null;
        }
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        return lines.isEmpty() ? null : Measure.distance(fromMargin(lines.get(0).line()), unit);
    }

    /** Distance of a line's first visible character from the margin, in twips. */
    public static double fromMargin(ProofLine line) {
        return Millipoints.toTwips(line.x() - line.columnLeft());
    }

    /** Sets the indent itself and takes away what was typed in its place. */
    public static List<Edit> set(Cause cause, List<Paragraph> paragraphs, int indent) {
        List<Holder> holders = Cause.paragraphs(paragraphs);
        List<Edit> edits = new ArrayList<>();
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS, 0));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_LEFT_CHARACTERS, 0));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_FIRST_LINE, indent));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_LEFT, 0));
        paragraphs.forEach(paragraph -> edits.addAll(LeadingSpace.removal(paragraph)));
        return edits;
    }
}
