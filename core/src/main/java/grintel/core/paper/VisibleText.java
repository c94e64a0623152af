package grintel.core.paper;

/** What can be read in a paragraph ({@link Paragraph#text()}), character by character with its place in it. */
public final class VisibleText {
    private final ParagraphAddress paragraph;
    private final String text;
    private final int[] offsets;

    private VisibleText(ParagraphAddress paragraph, String text, int[] offsets) {
        this.paragraph = paragraph;
        this.text = text;
        this.offsets = offsets;
    }

    /** The visible text of a paragraph; what no edit can name, and objects, stand in it as {@link Paragraph#OBJECT}. */
    public static VisibleText of(Paragraph paragraph) {
        StringBuilder text = new StringBuilder();
        int[] offsets = new int[paragraph.range().to() + 1];
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            int length = inline.length();
            if (length > 0 && !inline.run().hidden()) {
                for (int i = 0; i < length; i++) {
                    offsets[text.length() + i] = at + i;
                }
                append(inline, length, text);
            }
            at += length;
        }
        offsets[text.length()] = at;
        return new VisibleText(paragraph.address(), text.toString(), offsets);
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
        return new TextRange(paragraph, offsets[from], from == to ? offsets[from] : offsets[to - 1] + 1);
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
