package grintel.core.rule;

import grintel.core.edit.Holder;
import grintel.core.edit.Target;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * Characters of a paragraph that are looked at together: a line of its own, or the heading a paragraph opens with.
 *
 * @param from first of them
 * @param to after the last
 */
public record Stretch(Paragraph paragraph, int from, int to) {
    /** All characters of a paragraph. */
    public static Stretch of(Paragraph paragraph) {
        return new Stretch(paragraph, 0, paragraph.range().to());
    }

    /** The characters of a range. */
    public static Stretch of(Paragraph paragraph, TextRange range) {
        return new Stretch(paragraph, range.from(), range.to());
    }

    /** The share of its visible letters, from 0 to 1, whose formatting passes a test; 0 where it has none. */
    public double share(Predicate<Formatting> test) {
        long all = 0;
        long passing = 0;
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Text text && !text.hidden()) {
                int first = Math.max(from, at);
                int last = Math.min(to, at + text.length());
                long letters = first >= last
                        ? 0
                        : text.text()
                                .substring(first - at, last - at)
                                .codePoints()
                                .filter(Character::isLetterOrDigit)
                                .count();
                all += letters;
                passing += test.test(text.format()) ? letters : 0;
            }
            at += inline.length();
        }
        return all == 0 ? 0 : passing / (double) all;
    }

    /** What carries the formatting of its characters, as far as edits can name them. */
    public List<Holder> holders() {
        if (from == 0 && to == paragraph.range().to()) {
            return Holder.ofRuns(paragraph);
        }
        List<Holder> out = new ArrayList<>();
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            int first = Math.max(from, at);
            int last = Math.min(to, at + inline.length());
            if (first < last && inline.run().number() >= 0) {
                TextRange range = new TextRange(paragraph.address(), first, last);
                out.add(new Holder(Holder.Kind.CHARACTERS, new Target.OfRange(range), paragraph, inline.format()));
            }
            at += inline.length();
        }
        return out;
    }

    /** Its characters as they stand in the file. */
    public String characters() {
        return paragraph.characters().substring(from, to);
    }
}
