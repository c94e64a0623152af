package grintel.core.paper;

/** Counts words. */
public final class Words {
    private Words() {}

    /** Runs without white space that hold a letter or a digit. */
    public static int count(String text) {
        int words = 0;
        boolean counted = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (isSpace(c)) {
                counted = false;
            } else if (!counted && (Character.isLetterOrDigit(c) || Character.isSurrogate(c))) {
                counted = true;
                words++;
            }
        }
        return words;
    }

    private static boolean isSpace(char c) {
        // Most characters are ASCII letters, for which the tables of Unicode are a long way round.
        return c == ' ' || (c < ' ' || c > '~') && (Character.isWhitespace(c) || Character.isSpaceChar(c));
    }
}
