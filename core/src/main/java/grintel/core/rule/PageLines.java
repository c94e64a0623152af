package grintel.core.rule;

import grintel.core.paper.ParagraphAddress;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Lines of a page between which something is measured: those of a finding where one is on the page, else the first. */
public final class PageLines {
    /** White beyond this is the end of a page's text, not a gap. */
    private static final int WIDEST_GAP = 200_000;

    private static final int NARROWEST_GAP = 500;
    private static final int NARROWEST_INDENT = 5_000;

    private PageLines() {}

    /** Two neighbouring lines. */
    public record Pair(ProofLine upper, ProofLine lower) {
        public int white() {
            return lower.top() - upper.top() - upper.height();
        }
    }

    /** A line and the next of the same paragraph. */
    public static @Nullable Pair pairInParagraph(ProofPage page, List<Reading> readings) {
        return find(
                page,
                readings,
                (upper, lower) -> upper.paragraph().equals(lower.paragraph())
                        && lower.lineInParagraph() == upper.lineInParagraph() + 1
                        && lower.y() > upper.y());
    }

    /** The last line of a paragraph and the first of the next, where white stands between them. */
    public static @Nullable Pair pairWithGap(ProofPage page, List<Reading> readings) {
        return find(page, readings, (upper, lower) -> {
            int white = new Pair(upper, lower).white();
            return !upper.paragraph().equals(lower.paragraph()) && white > NARROWEST_GAP && white < WIDEST_GAP;
        });
    }

    /** The first line of a paragraph that is set in from its second. */
    public static @Nullable Pair pairWithIndent(ProofPage page, List<Reading> readings) {
        return find(
                page,
                readings,
                (first, second) -> first.paragraph().equals(second.paragraph())
                        && first.lineInParagraph() == 0
                        && second.lineInParagraph() == 1
                        && first.x() - first.columnLeft() > NARROWEST_INDENT
                        && first.x() - second.x() > NARROWEST_INDENT);
    }

    /** The first two lines of a paragraph of a kind. */
    public static @Nullable Pair firstTwo(ProofPage page, List<Reading> readings, Predicate<ParagraphAddress> kind) {
        return find(
                page,
                readings,
                (first, second) -> first.paragraph().equals(second.paragraph())
                        && first.lineInParagraph() == 0
                        && kind.test(first.paragraph()));
    }

    private static @Nullable Pair find(ProofPage page, List<Reading> readings, BiPredicate<ProofLine, ProofLine> test) {
        List<ProofLine> lines = page.lines(PagePart.TEXT);
        Pair first = null;
        for (int i = 1; i < lines.size(); i++) {
            Pair pair = new Pair(lines.get(i - 1), lines.get(i));
            if (test.test(pair.upper, pair.lower)) {
                if (isOff(readings, pair.upper) || isOff(readings, pair.lower)) {
                    return pair;
                }
                first = first == null ? pair : first;
            }
        }
        return first;
    }

    private static boolean isOff(List<Reading> readings, ProofLine line) {
        return readings.stream().anyMatch(reading -> covers(reading, line));
    }

    /** The reading of a quantity that has a place at a line, or null. */
    public static @Nullable Reading of(List<Reading> readings, String quantity, ProofLine line) {
        for (Reading reading : readings) {
            if (reading.quantity().equals(quantity) && covers(reading, line)) {
                return reading;
            }
        }
        return null;
    }

    private static boolean covers(Reading reading, ProofLine line) {
        for (Place place : reading.places()) {
            if (place.part() == line.part()
                    && place.paragraph() == line.paragraph().index()) {
                return true;
            }
        }
        return false;
    }
}
