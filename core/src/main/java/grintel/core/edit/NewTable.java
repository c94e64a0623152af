package grintel.core.edit;

import grintel.core.paper.PropertySet;
import java.util.List;

/**
 * A table that is not in the paper yet.
 *
 * @param direct what it says itself
 * @param columns widths of the grid's columns in twips
 */
public record NewTable(PropertySet direct, List<Integer> columns, List<Row> rows) implements NewBlock {
    public NewTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    @Override
    public List<NewParagraph> paragraphs() {
        return rows.stream()
                .flatMap(row -> row.cells.stream())
                .flatMap(cell -> cell.paragraphs.stream())
                .toList();
    }

    /** A row; it has a cell. */
    public record Row(PropertySet direct, List<Cell> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /** A cell; it has a paragraph. */
    public record Cell(PropertySet direct, List<NewParagraph> paragraphs) {
        public Cell {
            paragraphs = List.copyOf(paragraphs);
        }
    }
}
