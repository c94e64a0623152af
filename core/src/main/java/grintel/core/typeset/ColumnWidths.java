package grintel.core.typeset;

import grintel.core.paper.Block;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Table;
import grintel.core.paper.Width;
import java.util.Arrays;
import java.util.List;

/**
 * Works out how wide the columns of a table are (ISO 29500-1 §17.4.52, §17.18.87). Fixed columns are as wide as the
 * widest of their cells asks, else as the grid says. Automatic columns are as wide as their cells ask, or as their
 * content, at least as wide as their longest word, and share what the table has where there is too little.
 */
final class ColumnWidths {
    static final int NARROWEST = 4 * Millipoints.PER_POINT;

    private final LineComposer lines;
    private final Table table;
    private final int available;
    private final int count;
    private final double[] least;
    private final double[] wanted;

    private ColumnWidths(LineComposer lines, Table table, int available) {
        this.lines = lines;
        this.table = table;
        this.available = available;
        int columns = table.columns().size();
        for (Table.Row row : table.rows()) {
            columns = Math.max(
                    columns,
                    row.skipped()
                            + row.cells().stream().mapToInt(Table.Cell::span).sum());
        }
        this.count = Math.max(1, columns);
        this.least = new double[count];
        this.wanted = new double[count];
    }

    /** The grid's lines from the table's left edge, the first 0, in a column of this width in millipoints. */
    static int[] edges(LineComposer lines, Table table, int available) {
        ColumnWidths widths = new ColumnWidths(lines, table, available);
        if (table.fixed()) {
            widths.takeGrid();
        } else {
            widths.takeContent();
        }
        return widths.edges();
    }

    private void takeGrid() {
        for (int i = 0; i < count; i++) {
            wanted[i] = grid(i);
        }
        takePreferred();
        double given = Arrays.stream(wanted).sum();
        long open = Arrays.stream(wanted).filter(width -> width <= 0).count();
        for (int i = 0; i < count; i++) {
            if (wanted[i] <= 0) {
                wanted[i] = Math.max(NARROWEST, (available - given) / open);
            }
        }
    }

    private void takeContent() {
        double[] most = new double[count];
        eachCell((cell, column) -> {
            LineComposer.Extent extent = extent(cell);
            spread(least, column, cell.span(), extent.least());
            spread(most, column, cell.span(), extent.most());
        });
        boolean asks = takePreferred();
        for (int i = 0; i < count; i++) {
            if (wanted[i] <= 0) {
                wanted[i] = asks && grid(i) > 0 ? grid(i) : most[i];
            }
            least[i] = Math.max(NARROWEST, least[i]);
            wanted[i] = Math.max(wanted[i], least[i]);
        }
        double sum = Arrays.stream(wanted).sum();
        int asked = Millipoints.ofTwips(table.width().of(available / Millipoints.PER_TWIP));
        double target = asked > 0
                ? asked
                : Math.min(sum, Math.max(available, Arrays.stream(least).sum()));
        if (sum < target) {
            double by = sum == 0 ? 0 : target / sum;
            for (int i = 0; i < count; i++) {
                wanted[i] *= by;
            }
        } else if (sum > target) {
            shrink(sum - target);
        }
    }

    /** Takes from each column in proportion to what it has beyond its longest word. */
    private void shrink(double over) {
        double spare = 0;
        for (int i = 0; i < count; i++) {
            spare += wanted[i] - least[i];
        }
        double part = spare <= 0 ? 0 : Math.min(1, over / spare);
        for (int i = 0; i < count; i++) {
            wanted[i] -= (wanted[i] - least[i]) * part;
        }
    }

    /** The widths the cells ask for; gives whether any cell does. */
    private boolean takePreferred() {
        double[] asked = new double[count];
        boolean[] any = {false};
        eachCell((cell, column) -> {
            int width = Millipoints.ofTwips(cell.width().of(available / Millipoints.PER_TWIP));
            if (width > 0) {
                any[0] = true;
                spread(asked, column, cell.span(), width);
            }
        });
        for (int i = 0; i < count; i++) {
            if (asked[i] > 0) {
                wanted[i] = asked[i];
            }
        }
        boolean tableAsks = table.width().kind() != Width.Kind.AUTO;
        return any[0] || tableAsks;
    }

    /** Raises the columns a cell spans, in equal parts, until they are as wide as it is. */
    private void spread(double[] widths, int column, int span, double width) {
        int to = Math.min(count, column + span);
        double has = 0;
        for (int i = column; i < to; i++) {
            has += widths[i];
        }
        double more = (width - has) / Math.max(1, to - column);
        for (int i = column; i < to && more > 0; i++) {
            widths[i] += more;
        }
    }

    private LineComposer.Extent extent(Table.Cell cell) {
        int margins = Millipoints.ofTwips(cell.margins().left())
                + Millipoints.ofTwips(cell.margins().right());
        LineComposer.Extent inner = extent(cell.blocks());
        return new LineComposer.Extent(
                Math.min(Millipoints.LIMIT, inner.least() + margins),
                Math.min(Millipoints.LIMIT, inner.most() + margins));
    }

    private LineComposer.Extent extent(List<Block> blocks) {
        int narrow = 0;
        int wide = 0;
        for (Block block : blocks) {
            if (block instanceof Paragraph paragraph) {
                LineComposer.Extent extent = lines.extent(paragraph);
                narrow = Math.max(narrow, extent.least());
                wide = Math.max(wide, extent.most());
            } else if (block instanceof Table inner) {
                int[] edges = edges(lines, inner, available);
                narrow = Math.max(narrow, edges[edges.length - 1]);
                wide = Math.max(wide, edges[edges.length - 1]);
            }
        }
        return new LineComposer.Extent(narrow, wide);
    }

    /** Narrow cells first, so that a wide one is spread over columns that already have their own width. */
    private void eachCell(CellVisitor visitor) {
        for (boolean single : new boolean[] {true, false}) {
            for (Table.Row row : table.rows()) {
                int column = Math.min(row.skipped(), count);
                for (Table.Cell cell : row.cells()) {
                    if (column < count && (cell.span() == 1) == single) {
                        visitor.visit(cell, column);
                    }
                    column += cell.span();
                }
            }
        }
    }

    private int grid(int column) {
        return column < table.columns().size()
                ? Millipoints.ofTwips(table.columns().get(column))
                : 0;
    }

    private int[] edges() {
        int[] edges = new int[count + 1];
        double x = 0;
        for (int i = 0; i < count; i++) {
            x += Math.max(NARROWEST, wanted[i]);
            edges[i + 1] = (int) Math.min(Millipoints.LIMIT, Math.round(x));
        }
        return edges;
    }

    private interface CellVisitor {
        void visit(Table.Cell cell, int column);
    }
}
