package grintel.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Ranges of numbers, such as those of pages; links, identifiers and telephone numbers hold none. */
public final class NumberRanges {
    private static final Pattern RANGE = Pattern.compile("(\\d{1,5})( ?(?:--?|–|\u2010|\u2011) ?)(\\d{1,5})");
    private static final Pattern IDENTIFIER =
            Pattern.compile("(?i)(isbn|issn|doi|tel|phone|fax|isan|arxiv|no\\. [a-z]+)[\\s:.]*$");

    private static final int LONGEST_LINK = 300;
    /** The hyphens and dashes that part the numbers of a range. */
    public static final String MARKS = "-–\u2010\u2011";

    private NumberRanges() {}

    /**
     * A range in a text.
     *
     * @param from where the first number starts
     * @param mark where what parts the numbers starts
     * @param markEnd after it
     * @param to after the second number
     * @param hyphen whether a hyphen parts them
     */
    public record Found(int from, int mark, int markEnd, int to, boolean hyphen) {}

    public static List<Found> in(String text) {
        if (!mayHold(text)) {
            return List.of();
        }
        List<Found> out = new ArrayList<>();
        Matcher range = RANGE.matcher(text);
        while (range.find()) {
            if (stands(text, range.start(), range.end())
                    && ascends(range.group(1), range.group(3))
                    && !isOfIdentifier(text, range.start())) {
                boolean hyphen = range.group(2).indexOf('–') < 0;
                out.add(new Found(range.start(), range.start(2), range.end(2), range.end(), hyphen));
            }
        }
        return out;
    }

    /** Whether a mark stands after a digit anywhere: in most texts none does. */
    private static boolean mayHold(String text) {
        for (int k = 0; k < MARKS.length(); k++) {
            char mark = MARKS.charAt(k);
            for (int i = text.indexOf(mark, 1); i >= 0; i = text.indexOf(mark, i + 1)) {
                if (isDigit(text, i - 1) || text.charAt(i - 1) == ' ' && i > 1 && isDigit(text, i - 2)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean isDigit(String text, int at) {
        return text.charAt(at) >= '0' && text.charAt(at) <= '9';
    }

    /** Whether no letter, digit or mark of a link or a longer number touches it. */
    private static boolean stands(String text, int from, int to) {
        boolean before = from == 0 || isOpen(text.charAt(from - 1));
        boolean after = to == text.length()
                || isOpen(text.charAt(to))
                || text.charAt(to) == '.'
                        && (to + 1 == text.length() || !Character.isLetterOrDigit(text.charAt(to + 1)));
        return before && after && !isInLink(text, from);
    }

    private static boolean isOpen(char c) {
        return Character.isWhitespace(c) || "(),:;[]\u00A0“”\"’".indexOf(c) >= 0;
    }

    /** Whether a character stands in a link or an address. */
    public static boolean isInLink(String text, int at) {
        int start = at;
        while (start > 0 && at - start < LONGEST_LINK && !Character.isWhitespace(text.charAt(start - 1))) {
            start--;
        }
        String word = text.substring(start, at);
        return word.contains("/") || word.contains("www.") || word.contains("@");
    }

    /** Whether the second number is greater, its first digits perhaps left out. */
    private static boolean ascends(String one, String two) {
        if (two.length() > one.length()) {
            return !two.startsWith("0");
        }
        String whole = one.substring(0, one.length() - two.length()) + two;
        return Integer.parseInt(whole) > Integer.parseInt(one);
    }

    private static boolean isOfIdentifier(String text, int at) {
        return IDENTIFIER.matcher(text.substring(Math.max(0, at - 24), at)).find();
    }
}
