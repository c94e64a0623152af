package grintel.core.typeset;

import grintel.core.paper.Border;
import grintel.core.paper.Colour;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Table;
import java.util.ArrayList;
import java.util.List;

/** Sets the rows of tables: widths of columns, heights of rows, lines and grounds of cells. */
final class TableComposer {
    private final BoxComposer boxes;
    private final LineComposer lines;

    TableComposer(BoxComposer boxes, LineComposer lines) {
        this.boxes = boxes;
        this.lines = lines;
    }

    /** A table in a column of this width in millipoints. */
    SetTable compose(Table table, int columnWidth, FieldValues fields) {
        int[] edges = ColumnWidths.edges(lines, table, columnWidth);
        int width = edges[edges.length - 1];
        int left = switch (table.alignment()) {
            case CENTRE -> (columnWidth - width) / 2;
            case RIGHT -> columnWidth - width;
            case LEFT, JUSTIFIED -> Millipoints.ofTwips(table.indent());
        };
        List<SetTable.Row> rows = new ArrayList<>();
        int[] owed = new int[edges.length];
        for (int r = 0; r < table.rows().size(); r++) {
            Table.Row row = table.rows().get(r);
            rows.add(new SetTable.Row(row, composeRow(table, r, edges, owed, fields), keepsWithNext(row)));
        }
        return new SetTable(left, edges, rows);
    }

    /** @param owed what cells begun above still need, by the column they start at */
    private SetBox composeRow(Table table, int number, int[] edges, int[] owed, FieldValues fields) {
        Table.Row row = table.rows().get(number);
        List<Placed> cells = new ArrayList<>();
        int height = Millipoints.ofTwips(Math.max(0, row.height()));
        int[] started = new int[edges.length];
        int column = Math.min(Math.max(0, row.skipped()), edges.length - 1);
        for (Table.Cell cell : row.cells()) {
            int next = Math.min(column + cell.span(), edges.length - 1);
            boolean endsHere = !continuesBelow(table, number, column);
            SetBox inner = SetBox.EMPTY;
            if (cell.continuesAbove()) {
                height = endsHere && !row.exact() ? Math.max(height, owed[column]) : height;
            } else {
                inner = boxes.compose(cell.blocks(), textWidth(cell, edges[column], edges[next]), fields);
                int needed = inner.height()
                        + Millipoints.ofTwips(cell.margins().top())
                        + Millipoints.ofTwips(cell.margins().bottom());
                if (endsHere) {
                    height = row.exact() ? height : Math.max(height, needed);
                } else {
                    started[column] = needed;
                }
            }
            cells.add(new Placed(cell, inner, edges[column], edges[next], cell.continuesAbove(), !endsHere));
            column = next;
        }
        for (int c = 0; c < owed.length; c++) {
            owed[c] = Math.max(0, Math.max(owed[c], started[c]) - height);
        }
        SetBox.Builder out = new SetBox.Builder();
        for (Placed cell : cells) {
            addGround(cell, height, out);
        }
        for (Placed cell : cells) {
            out.add(
                    cell.inner,
                    cell.left + Millipoints.ofTwips(cell.cell.margins().left()),
                    textTop(cell, height));
            addBorders(cell, height, out);
        }
        return out.build(height);
    }

    static int textWidth(Table.Cell cell, int left, int right) {
        return Math.max(
                ColumnWidths.NARROWEST,
                right
                        - left
                        - Millipoints.ofTwips(cell.margins().left())
                        - Millipoints.ofTwips(cell.margins().right()));
    }

    private static int textTop(Placed cell, int height) {
        int top = Millipoints.ofTwips(cell.cell.margins().top());
        int spare = height - top - Millipoints.ofTwips(cell.cell.margins().bottom()) - cell.inner.height();
        if (spare <= 0 || cell.goesOn) {
            return top;
        }
        return switch (cell.cell.vertical()) {
            case TOP -> top;
            case CENTRE -> top + spare / 2;
            case BOTTOM -> top + spare;
        };
    }

    private static void addGround(Placed cell, int height, SetBox.Builder out) {
        if (!cell.cell.shading().readsAsWhite()) {
            out.add(new Fill(cell.left, 0, cell.right - cell.left, height, cell.cell.shading(), true));
        }
    }

    private static void addBorders(Placed cell, int height, SetBox.Builder out) {
        Border.Frame frame = cell.cell.borders();
        int width = cell.right - cell.left;
        if (!cell.wentOn) {
            addLine(frame.top(), cell.left, 0, width, 0, out);
        }
        if (!cell.goesOn) {
            addLine(frame.bottom(), cell.left, height, width, 0, out);
        }
        addLine(frame.left(), cell.left, 0, 0, height, out);
        addLine(frame.right(), cell.right, 0, 0, height, out);
    }

    /** A line over its place, half of its weight on either side; length across or down. */
    private static void addLine(Border border, int x, int y, int across, int down, SetBox.Builder out) {
        if (!border.isVisible()) {
            return;
        }
        int weight = border.weight() * Millipoints.PER_POINT / 8;
        Colour colour = border.colour();
        for (int i = 0; i < border.lines(); i++) {
            // The lines of a double one stand a weight apart.
            int offset = (2 * i - (border.lines() - 1)) * weight - weight / 2;
            out.add(
                    across > 0
                            ? new Fill(x - weight / 2, y + offset, across + weight, weight, colour, false)
                            : new Fill(x + offset, y - weight / 2, weight, down + weight, colour, false));
        }
    }

    private static boolean keepsWithNext(Table.Row row) {
        return !row.cells().isEmpty()
                && row.cells().stream()
                        .allMatch(cell -> cell.blocks().stream()
                                .anyMatch(block -> block instanceof Paragraph paragraph
                                        && paragraph.format().get(ParagraphProperties.KEEP_WITH_NEXT)));
    }

    /** Whether the cell that starts at a column of the grid goes on in the row below. */
    private static boolean continuesBelow(Table table, int row, int column) {
        if (row + 1 >= table.rows().size()) {
            return false;
        }
        Table.Row below = table.rows().get(row + 1);
        int at = below.skipped();
        for (Table.Cell cell : below.cells()) {
            if (at == column) {
                return cell.continuesAbove();
            }
            at += cell.span();
        }
        return false;
    }

    private record Placed(Table.Cell cell, SetBox inner, int left, int right, boolean wentOn, boolean goesOn) {}
}
