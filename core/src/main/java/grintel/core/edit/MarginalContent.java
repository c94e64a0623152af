package grintel.core.edit;

import grintel.core.paper.ParagraphProperties.Alignment;
import java.util.List;

/**
 * What a header is to hold: one line with its own type, so that no style of the file can bend it.
 *
 * @param face name of the face
 * @param size half-points
 */
public record MarginalContent(List<Piece> pieces, Alignment alignment, String face, int size) {
    public MarginalContent {
        pieces = List.copyOf(pieces);
    }

    /** The line as it reads, {@code #} standing for the page number. */
    public String text() {
        StringBuilder out = new StringBuilder();
        for (Piece piece : pieces) {
            out.append(piece instanceof Words words ? words.text() : "#");
        }
        return out.toString();
    }

    /** A piece of the line. */
    public sealed interface Piece {}

    /** Plain words. */
    public record Words(String text) implements Piece {}

    /** The number of the page, live. */
    public record PageNumber() implements Piece {}
}
