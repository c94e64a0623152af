package grintel.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

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

    /**
     * This and what another content holds: words where one holds nothing but words and the other nothing but a number,
     * words first; null in all other cases.
     */
    @Nullable
    MarginalContent with(MarginalContent other) {
        if (holdsWords() == other.holdsWords()
                || holdsValue() == other.holdsValue()
                || holdsWords() == holdsValue()
                || width != other.width
                || !face.equals(other.face)
                || size != other.size) {
            return null;
        }
        MarginalContent words = holdsWords() ? this : other;
        MarginalContent number = holdsWords() ? other : this;
        return new MarginalContent(
                together(words.left, number.left),
                together(words.centre, number.centre),
                together(words.right, number.right),
                width,
                face,
                size);
    }

    private static List<Piece> together(List<Piece> words, List<Piece> number) {
        List<Piece> out = new ArrayList<>(words);
        int last = words.size() - 1;
        if (last >= 0 && !number.isEmpty() && words.get(last) instanceof Piece.Words before) {
            out.set(last, new Piece.Words(before.text() + " "));
        }
        out.addAll(number);
        return out;
    }

    private boolean holdsWords() {
        return line().stream().anyMatch(Piece.Words.class::isInstance);
    }

    private boolean holdsValue() {
        return line().stream().anyMatch(Piece.Value.class::isInstance);
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
