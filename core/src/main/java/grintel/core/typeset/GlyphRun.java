package grintel.core.typeset;

/**
 * Neighbouring characters of one type in a line.
 *
 * @param text as set
 * @param x millipoints from the left edge of the sheet (of the column, while a paragraph is not yet on a page)
 * @param width millipoints
 * @param link where the hyperlink it stands in leads, empty outside hyperlinks
 * @param leader whether it only leads the eye over a tab and is no text
 */
public record GlyphRun(String text, int x, int width, Type type, String link, boolean leader) {
    /** Right edge of its first so many characters, kerning aside. */
    public int edgeAfter(int characters) {
        double width =
                text.codePoints().limit(characters).mapToDouble(type::advance).sum();
        return x + (int) Math.round(width);
    }

    GlyphRun movedBy(int dx) {
        return new GlyphRun(text, x + dx, width, type, link, leader);
    }
}
