package grintel.core.edit;

import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import java.util.List;

/** What an edit brings into a line. */
public sealed interface Piece {
    /** Words and white space, without tabs and breaks. */
    record Words(String text) implements Piece {
        public Words {
            if (text.isEmpty() || text.chars().anyMatch(c -> c < ' ')) {
                throw new IllegalArgumentException("No words: \"" + text + "\"");
            }
        }
    }

    record Tab() implements Piece {}

    record Break(Inline.Break.Kind kind) implements Piece {}

    /** A value that is worked out, such as the number of the page. */
    record Value(Inline.Field.Kind kind) implements Piece {}

    /**
     * Words that stand for a place in the paper and lead there.
     *
     * @param bookmark the place's name
     */
    record Reference(String bookmark, String shown) implements Piece {}

    /**
     * A picture in the line; it comes in with a new paragraph.
     *
     * @param width EMU
     * @param height EMU
     * @param alternative the text alternative
     */
    record Picture(NewImage image, long width, long height, String alternative) implements Piece {}

    /** Pieces as {@link Paragraph#characters()} reads them. */
    static String characters(List<Piece> pieces) {
        StringBuilder out = new StringBuilder();
        for (Piece piece : pieces) {
            if (piece instanceof Words words) {
                out.append(words.text);
            } else if (piece instanceof Reference reference) {
                out.append(reference.shown);
            } else {
                out.append(piece instanceof Tab ? '\t' : piece instanceof Break ? '\n' : Paragraph.OBJECT);
            }
        }
        return out.toString();
    }
}
