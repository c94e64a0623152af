package grintel.core.rule;

import grintel.core.paper.Paragraph;

/** Words of a paper made fit to be shown. */
public final class Quotes {
    private static final int LONGEST = 60;
    private static final int SHORTEST = 20;

    private Quotes() {}

    /** The first words of a text. */
    public static String first(String text) {
        // A space at either end may go, and one character more tells that there are more.
        String plain = plain(text, LONGEST + 3);
        if (plain.length() <= LONGEST) {
            return plain;
        }
        int space = plain.lastIndexOf(' ', LONGEST);
        return plain.substring(0, space > SHORTEST ? space : LONGEST) + "…";
    }

    /** Without what stands for objects, and with white space made single; a loop, as every line of a paper comes here. */
    public static String plain(String text) {
        return isPlain(text) ? text : plain(text, text.length());
    }

    /** The hash of a text made plain, without making it: every paragraph that is off somewhere is told by it. */
    static int hash(String text) {
        int end = text.length();
        while (end > 0 && isSpace(text.charAt(end - 1))) {
            end--;
        }
        int hash = 0;
        char before = ' ';
        for (int i = 0; i < end; i++) {
            char c = text.charAt(i);
            if (!isOdd(c, before)) {
                hash = 31 * hash + c;
                before = c;
            } else if (!isSpace(c) || before != ' ') {
                before = isSpace(c) ? ' ' : c;
                hash = 31 * hash + before;
            }
        }
        return hash;
    }

    /**
     * Whether a character may be one that a text made plain does not have as it is. That it and the one before it are
     * both spaces is asked in one: which character is a space no processor foresees.
     */
    private static boolean isOdd(char c, char before) {
        return (c | before) == ' ' || c < ' ' || c == Paragraph.OBJECT;
    }

    /** No more than so many characters of a text made plain. */
    private static String plain(String text, int most) {
        char[] out = new char[Math.min(most, text.length())];
        int length = 0;
        for (int i = 0; i < text.length() && length < most; i++) {
            char c = text.charAt(i);
            if (!isSpace(c)) {
                out[length++] = c;
            } else if (length == 0 || out[length - 1] != ' ') {
                out[length++] = ' ';
            }
        }
        return new String(out, 0, length).strip();
    }

    /** Whether a text reads as it is: most do. */
    private static boolean isPlain(String text) {
        char before = ' ';
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (isOdd(c, before) || c >= '\u2000' && Character.isWhitespace(c)) {
                return false;
            }
            before = c;
        }
        return before != ' ';
    }

    private static boolean isSpace(char c) {
        return c == Paragraph.OBJECT || c == ' ' || c >= '\t' && c <= '\r';
    }
}
