package grintel.core.typeset;

import java.util.List;

/**
 * What of a table stands on one page. Millipoints from the sheet's top left corner.
 *
 * @param number tables of the text counted from 0, those in cells not
 * @param edges the grid's lines from left to right, at least two
 */
public record PlacedTable(int number, List<Integer> edges, int top, int bottom) {
    public PlacedTable {
        edges = List.copyOf(edges);
    }
}
