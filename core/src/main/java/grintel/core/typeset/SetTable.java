package grintel.core.typeset;

import grintel.core.paper.Table;
import java.util.ArrayList;
import java.util.List;

/**
 * A table set for a column's width. Millipoints.
 *
 * @param left its left edge from the column's
 * @param edges the grid's lines from the table's left edge, the first 0
 */
record SetTable(int left, int[] edges, List<Row> rows) {
    int width() {
        return edges[edges.length - 1];
    }

    /** The rows at the start that stand again on each further page. */
    List<Row> heads() {
        List<Row> heads = new ArrayList<>();
        for (Row row : rows) {
            if (!row.row().repeats()) {
                break;
            }
            heads.add(row);
        }
        // A table of nothing but heads has none to repeat.
        return heads.size() == rows.size() ? List.of() : heads;
    }

    /**
     * A row with its content placed from the table's left edge.
     *
     * @param keepsWithNext whether it keeps company with the row below
     */
    record Row(Table.Row row, SetBox box, boolean keepsWithNext) {}
}
