package grintel.core.rule;

import grintel.core.paper.Paragraph;

/** Words of a paper made fit to be shown. */
public final class Quotes {
    private static final int LONGEST = 60;
    private static final int SHORTEST = 20;
    /** More of a paragraph than this is never needed to show where it is. */
    private static final int READ = 400;

    private Quotes() {}

    /** The first words of a text. */
    public static String first(String text) {
        String plain = plain(text.length() > READ ? text.substring(0, READ) : text);
        if (plain.length() <= LONGEST) {
            return plain;
        }
        int space = plain.lastIndexOf(' ', LONGEST);
        return plain.substring(0, space > SHORTEST ? space : LONGEST) + "…";
    }

    /** Without what stands for objects, and with white space made single; a loop, as every line of a paper comes here. */
    public static String plain(String text) {
        if (isPlain(text)) {
            return text;
        }
        StringBuilder out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (!isSpace(c)) {
                out.append(c);
            } else if (out.isEmpty() || out.charAt(out.length() - 1) != ' ') {
                out.append(' ');
            }
        }
        return out.toString().strip();
    }

    /** Whether a text reads as it is: most do. */
    private static boolean isPlain(String text) {
        boolean space = true;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == ' ' ? space : c <= ' ' || c == Paragraph.OBJECT || c >= '\u2000' && Character.isWhitespace(c)) {
                return false;
            }
            space = c == ' ';
        }
        return !space;
    }

    private static boolean isSpace(char c) {
        return c == Paragraph.OBJECT || c == ' ' || c >= '\t' && c <= '\r';
    }
}
