package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.IntPredicate;

/** The case of words in lines: titles and headings. Whether words change, the writer is asked line by line. */
public final class Recased {
    private Recased() {}

    /**
     * The readings of a rule that asks for a case.
     *
     * @param caser a line in that case, given which words are to be kept as they are; as long as the line
     */
    public static List<Reading> readings(
            String rule, Subjects<Stretch> lines, BiFunction<Stretch, IntPredicate, String> caser) {
        return lines.check(rule, "case")
                .measure(line -> shown(line.characters()))
                .asksOf(line -> shown(caser.apply(line, slanted(line))))
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(line -> edits(line, caser.apply(line, slanted(line))).stream())
                                .toList())
                .readings();
    }

    private static Measure shown(String text) {
        return new Measure.Quote(Quotes.plain(text));
    }

    /** Words in a slant that the line as a whole does not have are titles or names, and keep their case. */
    private static IntPredicate slanted(Stretch line) {
        boolean own = line.share(Recased::isItalic) > 0.5 && opensSlanted(line);
        boolean[] odd = new boolean[line.to() - line.from()];
        int at = 0;
        for (Inline inline : line.paragraph().inlines()) {
            for (int i = 0; i < inline.length(); i++) {
                int place = at + i - line.from();
                if (place >= 0 && place < odd.length) {
                    odd[place] =
                            !(inline instanceof Inline.Text text) || text.hidden() || isItalic(text.format()) != own;
                }
            }
            at += inline.length();
        }
        return place -> odd[place];
    }

    private static boolean opensSlanted(Stretch line) {
        int at = 0;
        for (Inline inline : line.paragraph().inlines()) {
            at += inline.length();
            if (at > line.from()
                    && inline instanceof Inline.Text text
                    && !text.text().isBlank()) {
                return isItalic(text.format());
            }
        }
        return false;
    }

    private static boolean isItalic(Formatting format) {
        return format.get(CharacterProperties.ITALIC);
    }

    private static List<Edit> edits(Stretch line, String asked) {
        String is = line.characters();
        List<Edit> out = new ArrayList<>();
        Paragraph paragraph = line.paragraph();
        int at = 0;
        while (at < is.length()) {
            if (is.charAt(at) == asked.charAt(at)) {
                at++;
                continue;
            }
            int from = at;
            while (at < is.length() && is.charAt(at) != asked.charAt(at)) {
                at++;
            }
            out.add(Edit.ReplaceText.words(
                    new TextRange(paragraph.address(), line.from() + from, line.from() + at),
                    asked.substring(from, at)));
        }
        return out;
    }
}
