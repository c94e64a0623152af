package grintel.core.edit;

import java.util.ArrayList;
import java.util.List;

/**
 * What a header is to hold: one line with its own type, so that no style of the file can bend it; nothing at all for a
 * blank one.
 *
 * @param left what stands at the left margin
 * @param centre what stands in the middle
 * @param right what stands at the right margin
 * @param width of the text in twips, by which the middle and the right margin are found
 * @param face name of the face
 * @param size half-points
 */
public record MarginalContent(
        List<Piece> left, List<Piece> centre, List<Piece> right, int width, String face, int size) {
    public MarginalContent {
        left = List.copyOf(left);
        centre = List.copyOf(centre);
        right = List.copyOf(right);
    }

    /** Whether it stands at one place only, which an alignment can tell without tab stops. */
    public boolean single() {
        return (left.isEmpty() ? 0 : 1) + (centre.isEmpty() ? 0 : 1) + (right.isEmpty() ? 0 : 1) <= 1;
    }

    /** The line from left to right, with the tabs between its places. */
    public List<Piece> line() {
        List<Piece> out = new ArrayList<>(left);
        if (single()) {
            out.addAll(centre);
            out.addAll(right);
            return out;
        }
        if (!centre.isEmpty()) {
            out.add(new Piece.Tab());
            out.addAll(centre);
        }
        if (!right.isEmpty()) {
            out.add(new Piece.Tab());
            out.addAll(right);
        }
        return out;
    }
}
