package grintel.core.paper;

import org.jspecify.annotations.Nullable;

/** What can be read in a paragraph ({@link Paragraph#text()}), character by character with its place in it. */
public final class VisibleText {
    private final ParagraphAddress paragraph;
    private final String text;
    /** Place of each character among all of them; null where none is hidden. */
    private final int @Nullable [] offsets;

    private VisibleText(ParagraphAddress paragraph, String text, int @Nullable [] offsets) {
        this.paragraph = paragraph;
        this.text = text;
        this.offsets = offsets;
    }

    /** The visible text of a paragraph; what no edit can name, and objects, stand in it as {@link Paragraph#OBJECT}. */
    public static VisibleText of(Paragraph paragraph) {
        if (paragraph.inlines().size() == 1
                && paragraph.inlines().get(0) instanceof Inline.Text only
                && !only.hidden()
                && only.run().number() >= 0) {
            return new VisibleText(paragraph.address(), only.text(), null);
        }
        StringBuilder text = new StringBuilder();
        boolean hides = false;
        for (Inline inline : paragraph.inlines()) {
            int length = inline.length();
            if (length > 0 && inline.run().hidden()) {
                hides = true;
            } else if (length > 0) {
                append(inline, length, text);
            }
        }
        return new VisibleText(paragraph.address(), text.toString(), hides ? offsets(paragraph) : null);
    }

    private static int[] offsets(Paragraph paragraph) {
        int[] offsets = new int[paragraph.range().to() + 1];
        int at = 0;
        int seen = 0;
        for (Inline inline : paragraph.inlines()) {
            int length = inline.length();
            for (int i = 0; i < length && !inline.run().hidden(); i++) {
                offsets[seen++] = at + i;
            }
            at += length;
        }
        offsets[seen] = at;
        return offsets;
    }

    private static void append(Inline inline, int length, StringBuilder text) {
        if (inline.run().number() < 0) {
            text.append(String.valueOf(Paragraph.OBJECT).repeat(length));
        } else if (inline instanceof Inline.Text characters) {
            text.append(characters.text());
        } else {
            text.append(inline instanceof Inline.Tab ? '\t' : inline instanceof Inline.Break ? '\n' : Paragraph.OBJECT);
        }
    }

    public String text() {
        return text;
    }

    /** The range of some characters; hidden ones between them belong to it. */
    public TextRange range(int from, int to) {
        return new TextRange(paragraph, offset(from), from == to ? offset(from) : offset(to - 1) + 1);
    }

    private int offset(int at) {
        return offsets == null ? at : offsets[at];
    }

    /** The words on both sides of some characters, up to the next white space or object. */
    public String around(int from, int to) {
        int start = from;
        while (start > 0 && isWord(text.charAt(start - 1))) {
            start--;
        }
        int end = to;
        while (end < text.length() && isWord(text.charAt(end))) {
            end++;
        }
        return text.substring(start, end);
    }

    private static boolean isWord(char c) {
        return c != Paragraph.OBJECT && c != '\u00A0' && !Character.isWhitespace(c);
    }
}
