package grintel.core.typeset;

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
        After after,
        int end) {
    enum After {
        GO_ON,
        PARAGRAPH_END,
        PAGE_BREAK,
        COLUMN_BREAK
    }
}
