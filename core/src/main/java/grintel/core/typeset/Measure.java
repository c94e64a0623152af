package grintel.core.typeset;

import grintel.core.paper.Paragraph;

/**
 * The edges of a paragraph's lines, in millipoints from the column's left edge.
 *
 * @param left of all lines but the first
 * @param firstLine left edge of the first
 * @param right of all lines
 * @param width of the column
 * @param squeezed whether indents left less than a line can be set in, and were cut short
 */
record Measure(int left, int firstLine, int right, int width, boolean squeezed) {
    /** No line is set narrower than this, whatever the indents ask. */
    private static final int NARROWEST = 12 * Millipoints.PER_POINT;

    static Measure of(Paragraph paragraph, int columnWidth) {
        int left = Millipoints.ofTwips(paragraph.leftIndent());
        int right = columnWidth - Millipoints.ofTwips(paragraph.rightIndent());
        int firstLine = left + Millipoints.ofTwips(paragraph.firstLineIndent());
        int least = Math.max(left, firstLine) + NARROWEST;
        return new Measure(left, firstLine, Math.max(right, least), columnWidth, right < least);
    }

    /** The same between narrower edges. */
    Measure within(int leftEdge, int rightEdge) {
        int newLeft = Math.max(left, leftEdge);
        int newFirst = Math.max(firstLine, leftEdge);
        return new Measure(
                newLeft,
                newFirst,
                Math.max(Math.min(right, rightEdge), Math.max(newLeft, newFirst) + NARROWEST),
                width,
                squeezed);
    }

    int start(boolean first) {
        return first ? firstLine : left;
    }
}
