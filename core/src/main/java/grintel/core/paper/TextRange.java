package grintel.core.paper;

/**
 * Some characters of a paragraph.
 *
 * @param from the first one, counted from 0 as in {@link Paragraph#characters()}
 * @param to after the last one; the same as {@code from} for a place between characters
 */
public record TextRange(ParagraphAddress paragraph, int from, int to) {
    public TextRange {
        if (from < 0 || to < from) {
            throw new IllegalArgumentException("No range: " + from + " to " + to);
        }
    }

    /** Whether the two have a character in common. */
    public boolean overlaps(TextRange other) {
        return paragraph.equals(other.paragraph) && from < other.to && other.from < to;
    }
}
