package grintel.core.typeset;

import java.util.List;

/**
 * What of a table stands on one page. Millipoints from the sheet's top left corner.
 *
 * @param number tables of the text counted from 0, those in cells not
 * @param edges the grid's lines from left to right, at least two
 * @param rows its rows from the top, the heads that are repeated among them
 */
public record PlacedTable(int number, List<Integer> edges, int top, int bottom, List<PlacedRow> rows) {
    public PlacedTable {
        edges = List.copyOf(edges);
        rows = List.copyOf(rows);
    }

    /**
     * A row, or what of it stands on the page.
     *
     * @param index among the rows of the table, counted from 0
     * @param begins whether it begins here, not on a page before
     */
    public record PlacedRow(int index, int top, boolean begins) {}
}
