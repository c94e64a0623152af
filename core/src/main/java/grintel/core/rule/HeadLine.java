package grintel.core.rule;

import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.TextRange;
import java.util.ArrayList;
import java.util.List;

/**
 * A paragraph of a header or footer as it reads. Live numbers stand in it as {@link #NUMBER} and {@link #COUNT}, tabs and
 * breaks as tabs; what cannot be read is left out.
 */
final class HeadLine {
    static final char NUMBER = '\uE000';
    static final char COUNT = '\uE001';

    private final Paragraph paragraph;
    private final String text;
    private final int[] offsets;
    private final boolean plain;
    private final boolean pictures;

    private HeadLine(Paragraph paragraph, String text, int[] offsets, boolean plain, boolean pictures) {
        this.paragraph = paragraph;
        this.text = text;
        this.offsets = offsets;
        this.plain = plain;
        this.pictures = pictures;
    }

    /** The lines of some paragraphs, those of boxes among them. */
    static List<HeadLine> of(List<Paragraph> paragraphs) {
        List<HeadLine> out = new ArrayList<>();
        for (Paragraph paragraph : paragraphs) {
            add(paragraph, out);
        }
        return out;
    }

    private static void add(Paragraph paragraph, List<HeadLine> out) {
        StringBuilder text = new StringBuilder();
        int[] offsets = new int[paragraph.range().to() + 1];
        boolean plain = !paragraph.inTable();
        boolean pictures = false;
        List<HeadLine> boxes = new ArrayList<>();
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Text words && !words.hidden()) {
                for (int i = 0; i < words.text().length(); i++) {
                    offsets[text.length()] = at + i;
                    text.append(words.text().charAt(i));
                }
            } else if (inline instanceof Inline.Field field) {
                offsets[text.length()] = at;
                text.append(field.kind() == Inline.Field.Kind.PAGE ? NUMBER : COUNT);
            } else if (inline instanceof Inline.Tab || inline instanceof Inline.Break) {
                offsets[text.length()] = at;
                text.append('\t');
            } else if (inline instanceof Inline.TextBox box) {
                box.paragraphs().forEach(each -> add(each, boxes));
                plain = false;
            } else if (inline.length() > 0) {
                plain = false;
                pictures |= inline instanceof Inline.Picture;
            }
            at += inline.length();
        }
        offsets[text.length()] = at;
        out.add(new HeadLine(paragraph, text.toString(), offsets, plain, pictures));
        out.addAll(boxes);
    }

    Paragraph paragraph() {
        return paragraph;
    }

    String text() {
        return text;
    }

    boolean isBlank() {
        return text.isBlank();
    }

    /** Whether it is a line of words and numbers alone, in no table and no box. */
    boolean isPlain() {
        return plain && !paragraph.format().get(ParagraphProperties.FRAME).isFrame();
    }

    /** Whether it holds words and numbers alone, be it in a frame. */
    boolean isPlainOrFramed() {
        return plain;
    }

    boolean holdsPictures() {
        return pictures;
    }

    /** The characters of the paragraph that a stretch of what it reads stands for. */
    TextRange range(int from, int to) {
        int first = offsets[from];
        return new TextRange(paragraph.address(), first, to == from ? first : offsets[to - 1] + 1);
    }
}
