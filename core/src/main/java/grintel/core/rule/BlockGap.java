package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.demand.Gap;
import grintel.core.guide.value.Length;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Gaps;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** What stands between neighbouring blocks of one kind: space after and before, and blank paragraphs, added up. */
public final class BlockGap {
    /** Least and most of a blank line, in parts of the type's size: 11 to 17 pt at 12 pt type. */
    private static final double LEAST_LINE = 11 / 12.0;

    private static final double MOST_LINE = 17 / 12.0;
    private static final int TWIPS_PER_HALF_POINT = 10;

    private BlockGap() {}

    /**
     * The readings of a rule that asks for a gap below blocks.
     *
     * @param blocks those with one of the kind below them are judged
     * @param kind what stands below
     * @param welcome others that may take the spacing along with them
     */
    public static List<Reading> readings(
            String rule,
            Examination exam,
            Subjects<Paragraph> blocks,
            PartKind kind,
            Gap gap,
            Predicate<Holder> welcome) {
        boolean line = gap == Gap.ONE_LINE;
        return blocks.check(rule, "gap")
                .measure(paragraph -> gapBelow(exam, paragraph, kind))
                .asks(line ? Measure.word("blank-line-between") : Measure.distance(0, Length.Unit.POINTS))
                .metWhen((paragraph, is) -> line && isLine(paragraph, (Measure.Distance) is))
                .fix((off, cause) -> spaced(exam, off, kind, line, cause, welcome))
                .readings();
    }

    /** One line of a paragraph's own type, in twips. */
    public static int line(Paragraph paragraph) {
        List<Inline.Text> texts = paragraph.texts();
        Formatting type =
                texts.isEmpty() ? paragraph.mark() : texts.get(texts.size() - 1).format();
        return type.get(CharacterProperties.SIZE) * TWIPS_PER_HALF_POINT;
    }

    /** Whether a gap is one blank line to the eye. */
    public static boolean isLine(Paragraph paragraph, Measure.Distance gap) {
        double size = line(paragraph);
        return gap.twips() >= size * LEAST_LINE && gap.twips() <= size * MOST_LINE;
    }

    /** The next paragraph that is not blank, where it is of the kind; else null. */
    private static @Nullable Paragraph below(Examination exam, Paragraph paragraph, PartKind kind) {
        List<Paragraph> all = exam.paper().story(paragraph.address().story());
        int at = paragraph.address().index() + 1;
        while (at < all.size()
                && exam.parts().kind(at) == PartKind.BLANK
                && !all.get(at).hasPageBreak()) {
            at++;
        }
        return at < all.size() && exam.parts().kind(at) == kind ? all.get(at) : null;
    }

    private static List<Paragraph> blanks(Examination exam, Paragraph paragraph, Paragraph below) {
        return exam.paper()
                .story(paragraph.address().story())
                .subList(paragraph.address().index() + 1, below.address().index());
    }

    private static @Nullable Measure gapBelow(Examination exam, Paragraph paragraph, PartKind kind) {
        Paragraph below = below(exam, paragraph, kind);
        if (below == null || below.format().get(ParagraphProperties.PAGE_BREAK_BEFORE)) {
            return null;
        }
        boolean add = exam.paper().settings().gapsAdd();
        double twips = 0;
        Paragraph above = paragraph;
        for (Paragraph blank : blanks(exam, paragraph, below)) {
            twips += Gaps.between(above, blank, add) + LinePitch.twips(blank);
            above = blank;
        }
        return Measure.distance(twips + Gaps.between(above, below, add), Length.Unit.POINTS);
    }

    /** Takes blank paragraphs out and sets the gap by space after alone. */
    private static List<Edit> spaced(
            Examination exam,
            List<Paragraph> off,
            PartKind kind,
            boolean line,
            Cause cause,
            Predicate<Holder> welcome) {
        List<Edit> edits = new ArrayList<>();
        List<Paragraph> after = new ArrayList<>();
        for (Paragraph paragraph : off) {
            Paragraph below = below(exam, paragraph, kind);
            if (below != null) {
                blanks(exam, paragraph, below).forEach(blank -> edits.add(new Edit.RemoveParagraph(blank.address())));
                after.add(below);
            }
        }
        List<Holder> above = Cause.paragraphs(off);
        List<Holder> under = Cause.paragraphs(after);
        int gap = line && !off.isEmpty() ? line(off.get(0)) : 0;
        if (line) {
            edits.addAll(cause.set(above, ParagraphProperties.SAME_STYLE_SUPPRESSION, false, welcome));
        }
        edits.addAll(cause.set(above, ParagraphProperties.SPACE_AFTER_AUTO, false, welcome));
        edits.addAll(cause.set(above, ParagraphProperties.SPACE_AFTER, gap, welcome));
        edits.addAll(cause.set(under, ParagraphProperties.SPACE_BEFORE_AUTO, false, welcome));
        edits.addAll(cause.set(under, ParagraphProperties.SPACE_BEFORE, 0, welcome));
        return edits;
    }
}
