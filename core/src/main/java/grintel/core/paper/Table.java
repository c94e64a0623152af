package grintel.core.paper;

import java.util.List;

/**
 * A table (ISO 29500-1 §17.4).
 *
 * @param columns widths of the grid's columns in twips
 * @param indent distance of the left edge from the margin in twips
 */
public record Table(List<Integer> columns, int indent, ParagraphProperties.Alignment alignment, List<Row> rows)
        implements Block {
    public Table {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /**
     * A row.
     *
     * @param height twips asked for, 0 for none
     * @param exact whether the height holds whatever stands in the row
     * @param skipped grid columns left out before the first cell
     * @param repeats whether it is a head that stands again on each page
     * @param staysWhole whether it may not break over pages
     */
    public record Row(List<Cell> cells, int height, boolean exact, int skipped, boolean repeats, boolean staysWhole) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /**
     * A cell.
     *
     * @param span grid columns it takes, at least 1
     * @param continuesAbove whether it only goes on with the cell above
     * @param marginLeft twips between edge and text
     */
    public record Cell(
            List<Block> blocks,
            int span,
            boolean continuesAbove,
            int marginTop,
            int marginRight,
            int marginBottom,
            int marginLeft) {
        public Cell {
            blocks = List.copyOf(blocks);
        }
    }
}
