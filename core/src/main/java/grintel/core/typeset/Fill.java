package grintel.core.typeset;

import grintel.core.paper.Colour;

/**
 * A filled rectangle on a page: a line of a table, the ground of a cell, the line above the notes. Millipoints from the
 * sheet's top left corner (from line and column, while its place on the page is not yet known).
 *
 * @param ground whether it lies behind text, as a cell's ground does, and is no line
 */
public record Fill(int x, int y, int width, int height, Colour colour, boolean ground) {
    Fill movedBy(int dx, int dy) {
        return new Fill(x + dx, y + dy, width, height, colour, ground);
    }

    int bottom() {
        return y + height;
    }
}
