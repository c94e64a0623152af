package grintel.core.typeset;

/**
 * Neighbouring characters of one type in a line.
 *
 * @param text as set
 * @param x millipoints from the left edge of the sheet (of the column, while a paragraph is not yet on a page)
 * @param width millipoints
 */
public record GlyphRun(String text, int x, int width, Type type) {
    GlyphRun movedBy(int dx) {
        return new GlyphRun(text, x + dx, width, type);
    }
}
