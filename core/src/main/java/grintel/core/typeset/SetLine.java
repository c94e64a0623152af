package grintel.core.typeset;

import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import java.util.List;

/**
 * A line of a paragraph before it stands on a page. Millipoints; x from the left edge of the column, y from the top of
 * the line.
 *
 * @param x pen position of the first visible character, of the line's start where there is none
 * @param width from there to the end of the last visible character
 * @param baseline from the top of the line
 * @param height distance to the next line's top
 * @param text what can be read, trailing spaces left out
 * @param calls notes called in the line
 * @param shares what of the line belongs to which paragraph, where several are read as one; else empty
 * @param after what ends the line
 * @param end how many of the paragraph's characters stand in this line and those before it
 */
record SetLine(
        int x,
        int width,
        int baseline,
        int height,
        String text,
        List<GlyphRun> runs,
        List<PlacedPicture> pictures,
        List<Story> calls,
        List<Share> shares,
        After after,
        int end) {
    /**
     * What of a line belongs to one paragraph.
     *
     * @param number the line's number among those of the paragraph, from 0
     * @param x pen position of its first visible character
     */
    record Share(Paragraph paragraph, int number, int x, int width, String text, List<GlyphRun> runs) {}

    enum After {
        GO_ON,
        PARAGRAPH_END,
        PAGE_BREAK,
        COLUMN_BREAK
    }
}
