package grintel.core.paper;

import grintel.core.paper.ParagraphProperties.Alignment;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A table (ISO 29500-1 §17.4).
 *
 * @param style the style that holds, named or standard; null where the file has none
 * @param direct what the table itself says, leaving its style aside
 * @param columns widths of the grid's columns in twips, 0 where not given
 */
public record Table(
        TableAddress address,
        @Nullable Style style,
        PropertySet direct,
        Formatting format,
        List<Integer> columns,
        List<Row> rows)
        implements Block {
    public Table {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /** What the whole table asks for. */
    public Width width() {
        return format.get(TableProperties.WIDTH);
    }

    /** Whether the columns hold whatever stands in them. */
    public boolean fixed() {
        return format.get(TableProperties.FIXED);
    }

    /** Distance of the left edge from the margin in twips. */
    public int indent() {
        return format.get(TableProperties.INDENT);
    }

    public Alignment alignment() {
        return format.get(TableProperties.ALIGNMENT);
    }

    /**
     * A row.
     *
     * @param direct what the row itself says
     */
    public record Row(PropertySet direct, Formatting format, List<Cell> cells) {
        public Row {
            cells = List.copyOf(cells);
        }

        /** Twips asked for, 0 for none. */
        public int height() {
            return format.get(RowProperties.HEIGHT);
        }

        /** Whether the height holds whatever stands in the row. */
        public boolean exact() {
            return format.get(RowProperties.EXACT);
        }

        /** Grid columns left out before the first cell. */
        public int skipped() {
            return format.get(RowProperties.SKIPPED);
        }

        /** Whether it is a head that stands again on each page. */
        public boolean repeats() {
            return format.get(RowProperties.REPEATS);
        }

        /** Whether it may not break over pages. */
        public boolean staysWhole() {
            return format.get(RowProperties.STAYS_WHOLE);
        }
    }

    /**
     * A cell.
     *
     * @param direct what the cell itself says
     * @param format what holds, with what table and style say for the cell's place in the table
     */
    public record Cell(PropertySet direct, Formatting format, List<Block> blocks) {
        public Cell {
            blocks = List.copyOf(blocks);
        }

        public Width width() {
            return format.get(CellProperties.WIDTH);
        }

        /** Grid columns it takes, at least 1. */
        public int span() {
            return Math.max(1, format.get(CellProperties.SPAN));
        }

        /** Whether it only goes on with the cell above. */
        public boolean continuesAbove() {
            return format.get(CellProperties.CONTINUES_ABOVE);
        }

        /** White between edge and text. */
        public Margins margins() {
            return new Margins(
                    format.get(CellProperties.MARGIN_TOP),
                    format.get(CellProperties.MARGIN_RIGHT),
                    format.get(CellProperties.MARGIN_BOTTOM),
                    format.get(CellProperties.MARGIN_LEFT));
        }

        /** Its lines, those of table and style worked out. */
        public Border.Frame borders() {
            return new Border.Frame(
                    format.get(CellProperties.BORDER_TOP),
                    format.get(CellProperties.BORDER_RIGHT),
                    format.get(CellProperties.BORDER_BOTTOM),
                    format.get(CellProperties.BORDER_LEFT));
        }

        /** Its ground. */
        public Colour shading() {
            return format.get(CellProperties.SHADING);
        }

        public Vertical vertical() {
            return format.get(CellProperties.VERTICAL);
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
