package grintel.core.rule;

import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a header or footer says.
 *
 * @param words its words without the page number, white space made single
 * @param live whether it holds a live page number
 * @param typed digits typed where the page number should be, empty for none
 * @param filledLines how many of its paragraphs hold anything
 * @param paragraphs its paragraphs
 */
public record HeadContent(String words, boolean live, String typed, int filledLines, List<Paragraph> paragraphs) {
    private static final char NUMBER = '\uE000';
    private static final Pattern LAST_DIGITS = Pattern.compile("(?:^|[\\s,.\\-–—|])(\\d{1,3})[\\s.\\-–—|]*$");
    private static final Pattern FIRST_DIGITS = Pattern.compile("^(\\d{1,3})(?=[\\s.\\-–—|])");
    private static final Pattern LABEL = Pattern.compile("(?i)^running\\s+head\\s*:?\\s*");
    private static final HeadContent BLANK = new HeadContent("", false, "", 0, List.of());

    /** Reads a header or footer; null is a blank one. */
    public static HeadContent of(Marginals.@Nullable Marginal marginal) {
        if (marginal == null) {
            return BLANK;
        }
        StringBuilder raw = new StringBuilder();
        int lines = 0;
        for (Paragraph paragraph : marginal.paragraphs()) {
            String text = read(paragraph);
            if (!text.isBlank()) {
                raw.append(raw.isEmpty() ? "" : "\n").append(text);
                lines++;
            }
        }
        String text = raw.toString().strip();
        boolean live = text.indexOf(NUMBER) >= 0;
        String typed = "";
        if (live) {
            text = text.replace(NUMBER, ' ');
        } else {
            Matcher last = LAST_DIGITS.matcher(text);
            Matcher first = FIRST_DIGITS.matcher(text);
            if (last.find()) {
                typed = last.group(1);
                text = text.substring(0, last.start(1)) + text.substring(last.end(1));
            } else if (first.find()) {
                typed = first.group(1);
                text = text.substring(first.end(1));
            }
        }
        return new HeadContent(text.strip().replaceAll("[\\s\u00A0]+", " "), live, typed, lines, marginal.paragraphs());
    }

    private static String read(Paragraph paragraph) {
        StringBuilder out = new StringBuilder();
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Text text) {
                out.append(text.text());
            } else if (inline instanceof Inline.Field field && field.kind() == Inline.Field.Kind.PAGE) {
                out.append(NUMBER);
            } else if (inline instanceof Inline.TextBox box) {
                box.paragraphs().forEach(each -> out.append(read(each)));
            } else if (inline instanceof Inline.Tab || inline instanceof Inline.Break) {
                out.append('\t');
            }
        }
        return out.toString();
    }

    /** Whether a page number, live or typed, stands in it. */
    public boolean hasNumber() {
        return live || !typed.isEmpty();
    }

    public boolean isBlank() {
        return words.isEmpty() && !hasNumber();
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
        return LABEL.matcher(words).replaceFirst("");
    }

    /** Whether two say the same on every page. */
    public boolean saysTheSameAs(HeadContent other) {
        return words.equals(other.words) && live == other.live && typed.isEmpty() == other.typed.isEmpty();
    }
}
