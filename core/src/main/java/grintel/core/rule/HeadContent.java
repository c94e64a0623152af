package grintel.core.rule;

import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a header or footer says: its words, and the page number among them. A live number and the count of pages after it
 * ("1 of 14") are one. Typed digits are a number only where they stand apart as numbers do, or after just the words the
 * guide asks for; a course, a period or a date ends in digits too.
 */
public final class HeadContent {
    private static final String OF = "(?:\\s*(?:of|/|von)\\s*(?:" + HeadLine.COUNT + "|\\d{1,4}))?";
    private static final Pattern LIVE = Pattern.compile(HeadLine.NUMBER + OF);
    private static final Pattern COUNT = Pattern.compile(String.valueOf(HeadLine.COUNT));
    private static final Pattern APART =
            Pattern.compile("[\\s\\-–—|.\\[(]*(?:(?i:page|pg\\.?|p\\.?)\\s*)?(\\d{1,4}" + OF + ")[\\s\\-–—|.\\])]*");
    private static final Pattern LAST = Pattern.compile(".*?(?<![\\d./-])(\\d{1,4})\\s*$", Pattern.DOTALL);
    private static final Pattern LABEL = Pattern.compile("(?i)^\\s*running\\s+head\\s*[:.]?\\s*");

    private final List<HeadLine> lines;
    private final @Nullable PageNumber number;
    private final String words;

    private HeadContent(List<HeadLine> lines, @Nullable PageNumber number) {
        this.lines = lines;
        this.number = number;
        this.words = wordsOf(lines, number);
    }

    /**
     * Reads a header or footer.
     *
     * @param marginal null for a blank one
     * @param expected the words that should stand in it, empty where none are known
     * @param pages how many pages the paper has: no page has a higher number
     */
    static HeadContent of(Marginals.@Nullable Marginal marginal, String expected, int pages) {
        List<HeadLine> lines = marginal == null ? List.of() : HeadLine.of(marginal.paragraphs());
        PageNumber live = find(lines, LIVE, 0, true);
        if (live != null) {
            return new HeadContent(lines, live);
        }
        return new HeadContent(lines, typed(lines, expected, pages));
    }

    private static @Nullable PageNumber find(List<HeadLine> lines, Pattern pattern, int group, boolean live) {
        for (HeadLine line : lines) {
            Matcher found = pattern.matcher(line.text());
            if (found.find()) {
                return new PageNumber(line, found.start(group), found.end(group), live);
            }
        }
        return null;
    }

    private static @Nullable PageNumber typed(List<HeadLine> lines, String expected, int pages) {
        for (HeadLine line : lines) {
            int from = 0;
            for (String segment : line.text().split("\t", -1)) {
                Matcher apart = APART.matcher(segment);
                if (apart.matches() && value(apart.group(1)) <= pages) {
                    return new PageNumber(line, from + apart.start(1), from + apart.end(1), false);
                }
                from += segment.length() + 1;
            }
            Matcher last = LAST.matcher(line.text());
            if (!expected.isEmpty() && last.matches()) {
                String before = Quotes.plain(line.text().substring(0, last.start(1)));
                if (withoutLabel(before).equalsIgnoreCase(expected)) {
                    return new PageNumber(line, last.start(1), last.end(1), false);
                }
            }
        }
        return null;
    }

    private static int value(String digits) {
        return Integer.parseInt(digits.replaceAll("^(\\d+).*", "$1"));
    }

    private static String wordsOf(List<HeadLine> lines, @Nullable PageNumber number) {
        StringBuilder out = new StringBuilder();
        for (HeadLine line : lines) {
            String text = line.text();
            if (number != null && number.line == line) {
                text = text.substring(0, number.from) + " " + text.substring(number.to);
            }
            out.append(COUNT.matcher(text).replaceAll(" ")).append(' ');
        }
        return Quotes.plain(out.toString());
    }

    /** This content with digits at its end taken for a number, as when those of several headers are their pages'. */
    HeadContent withLastDigitsAsNumber() {
        PageNumber last = find(lines, LAST, 1, false);
        return last == null || number != null ? this : new HeadContent(lines, last);
    }

    /** Digits at its end, empty where there are none or where they are its number already. */
    String lastDigits() {
        PageNumber last = number == null ? find(lines, LAST, 1, false) : null;
        return last == null ? "" : last.text();
    }

    // ---- what it says

    /** Its words without the number, white space made single. */
    public String words() {
        return words;
    }

    /** Whether a page number, live or typed, stands in it. */
    public boolean hasNumber() {
        return number != null;
    }

    public boolean isLive() {
        return number != null && number.live;
    }

    /** The digits typed where the number should be, empty for none. */
    public String typed() {
        return number == null || number.live ? "" : number.text();
    }

    public boolean isBlank() {
        return words.isEmpty() && number == null;
    }

    /** Whether nothing at all stands in it, pictures included. */
    public boolean isEmpty() {
        return isBlank() && lines.stream().noneMatch(HeadLine::holdsPictures);
    }

    /** As it reads on a page of this number, the paper having so many. */
    public String reads(String printed, int pages) {
        StringBuilder out = new StringBuilder();
        for (HeadLine line : lines) {
            out.append(line.text()).append(' ');
        }
        return Quotes.plain(out.toString()
                .replace(String.valueOf(HeadLine.NUMBER), printed)
                .replace(String.valueOf(HeadLine.COUNT), String.valueOf(pages)));
    }

    /** Whether a letter touches the number, no space between them. */
    public boolean isRunTogether() {
        if (number == null) {
            return false;
        }
        String text = number.line.text();
        return number.from > 0 && Character.isLetter(text.charAt(number.from - 1))
                || number.to < text.length() && Character.isLetter(text.charAt(number.to));
    }

    /** Whether it opens with the words "Running head:". */
    public boolean hasLabel() {
        return LABEL.matcher(words).find();
    }

    /** The label as it stands, empty where there is none. */
    public String label() {
        return words.substring(0, words.length() - wordsWithoutLabel().length()).strip();
    }

    /** Its words without the label. */
    public String wordsWithoutLabel() {
        return withoutLabel(words);
    }

    private static String withoutLabel(String text) {
        return LABEL.matcher(text).replaceFirst("").strip();
    }

    /** Whether two say the same, labels aside; whether a number is live is a matter of its own. */
    public boolean saysTheSameAs(HeadContent other) {
        return wordsWithoutLabel().equals(other.wordsWithoutLabel()) && hasNumber() == other.hasNumber();
    }

    // ---- where it says it

    /** The lines that hold anything to be read. */
    List<HeadLine> filled() {
        return lines.stream().filter(line -> !line.isBlank()).toList();
    }

    /** The paragraphs with nothing in them, pictures included. */
    public List<Paragraph> blankLines() {
        List<Paragraph> out = new ArrayList<>();
        for (HeadLine line : lines) {
            if (line.paragraph().isBlank() && line.isPlain()) {
                out.add(line.paragraph());
            }
        }
        return out;
    }

    /** The paragraphs in the flow of the header that hold anything to be read. */
    public List<Paragraph> plainLines() {
        return filled().stream()
                .filter(HeadLine::isPlain)
                .map(HeadLine::paragraph)
                .toList();
    }

    /** Its paragraphs, those of boxes included. */
    public List<Paragraph> paragraphs() {
        return lines.stream().map(HeadLine::paragraph).toList();
    }

    /** Whether all it says can be written anew in one line without losing anything but white space. */
    public boolean isRewritable() {
        return filled().stream().allMatch(HeadLine::isPlainOrFramed);
    }

    /** The characters of the number, "of 14" included; null where there is none. */
    @Nullable
    public TextRange numberRange() {
        return number == null ? null : number.line.range(number.from, number.to);
    }

    /** The characters of the label; null where there is none. */
    @Nullable
    public TextRange labelRange() {
        for (HeadLine line : filled()) {
            Matcher label = LABEL.matcher(line.text());
            if (label.find()) {
                return line.range(label.start(), label.end());
            }
        }
        return null;
    }

    /**
     * The characters of its words where they stand in one stretch of one line, number and tabs beside them; null where
     * they do not.
     */
    @Nullable
    public TextRange wordsRange() {
        TextRange only = null;
        for (HeadLine line : filled()) {
            int from = 0;
            for (String segment : line.text().split("[\t" + HeadLine.NUMBER + HeadLine.COUNT + "]", -1)) {
                String plain = Quotes.plain(segment);
                boolean typed = number != null
                        && !number.live
                        && number.line == line
                        && number.from >= from
                        && number.from <= from + segment.length();
                if (!plain.isEmpty() && !typed) {
                    if (only != null) {
                        return null;
                    }
                    int lead = segment.length() - segment.stripLeading().length();
                    only = line.range(
                            from + lead, from + segment.stripTrailing().length());
                }
                from += segment.length() + 1;
            }
        }
        return only;
    }

    /** A page number in a line. */
    private record PageNumber(HeadLine line, int from, int to, boolean live) {
        String text() {
            return line.text().substring(from, to);
        }
    }
}
