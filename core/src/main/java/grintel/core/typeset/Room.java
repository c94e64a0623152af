package grintel.core.typeset;

/** Where a line can stand beside the pictures on a page. */
interface Room {
    /**
     * The first place from {@code y} down for a line of this height.
     *
     * @param y millipoints below the paragraph's upper edge
     */
    Slot find(int y, int height);

    /** A place for a line; millipoints, y from the paragraph's upper edge, x from the column's left edge. */
    record Slot(int y, int left, int right) {}
}
