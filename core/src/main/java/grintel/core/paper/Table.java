package grintel.core.paper;

import java.util.List;

/**
 * A table (ISO 29500-1 §17.4).
 *
 * @param columns widths of the grid's columns in twips, 0 where not given
 * @param width what the whole table asks for
 * @param fixed whether the columns hold whatever stands in them (§17.4.53)
 * @param indent distance of the left edge from the margin in twips
 */
public record Table(
        List<Integer> columns,
        Width width,
        boolean fixed,
        int indent,
        ParagraphProperties.Alignment alignment,
        List<Row> rows)
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
     * @param margins between edge and text
     * @param borders its lines, those of table and style worked out
     * @param shading its ground
     */
    public record Cell(
            List<Block> blocks,
            Width width,
            int span,
            boolean continuesAbove,
            Margins margins,
            Border.Frame borders,
            Colour shading,
            Vertical vertical) {
        public Cell {
            blocks = List.copyOf(blocks);
        }
    }

    /** Twips on the four sides. */
    public record Margins(int top, int right, int bottom, int left) {}

    /** How the content lies in a cell that is higher (§17.4.84). */
    public enum Vertical {
        TOP,
        CENTRE,
        BOTTOM
    }
}
