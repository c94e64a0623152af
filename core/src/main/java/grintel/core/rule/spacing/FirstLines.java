package grintel.core.rule.spacing;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.LeadingSpace;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import java.util.ArrayList;
import java.util.List;

/** First lines of text paragraphs: how far in they start, and the white space typed to get them there. */
final class FirstLines {
    private FirstLines() {}

    /** The text paragraphs whose first line begins a paragraph. */
    static Subjects<Paragraph> judged(Examination exam) {
        return Kinds.runningText(exam)
                .filter(paragraph -> exam.kind(paragraph) == PartKind.PARAGRAPH
                        && !exam.proof().lines(paragraph.address()).isEmpty());
    }

    /** Distance of the first visible character from the margin in twips, as laid out. */
    static double indent(Examination exam, Paragraph paragraph) {
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        ProofLine first = lines.get(0).line();
        return (first.x() - first.columnLeft()) / (double) Millipoints.PER_TWIP;
    }

    /** Sets the indent itself and takes away what was typed in its place. */
    static List<Edit> set(Cause cause, List<Paragraph> paragraphs, int indent) {
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
