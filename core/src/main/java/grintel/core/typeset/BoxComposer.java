package grintel.core.typeset;

import grintel.core.paper.Block;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Table;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Sets blocks in a column of unbounded height, and the rows of tables. */
final class BoxComposer {
    private static final int NARROWEST_CELL = 4 * Millipoints.PER_POINT;

    private final LineComposer lines;
    private final boolean gapsAdd;

    BoxComposer(LineComposer lines, boolean gapsAdd) {
        this.lines = lines;
        this.gapsAdd = gapsAdd;
    }

    SetBox compose(List<Block> blocks, int width, FieldValues fields) {
        List<SetBox.BoxLine> out = new ArrayList<>();
        List<PlacedPicture> pictures = new ArrayList<>();
        List<Story> calls = new ArrayList<>();
        int y = 0;
        Paragraph above = null;
        for (Block block : blocks) {
            if (block instanceof Paragraph paragraph) {
                y += Millipoints.ofTwips(Gaps.between(above, paragraph, gapsAdd));
                y = addParagraph(paragraph, width, fields, y, out, pictures, calls);
                above = paragraph;
            } else if (block instanceof Table table) {
                y += above == null ? 0 : Millipoints.ofTwips(Gaps.after(above, null));
                int left = tableLeft(table, width);
                for (SetRow row : composeRows(table, width, fields)) {
                    for (SetBox.BoxLine line : row.box().lines()) {
                        out.add(line.movedBy(left, y));
                    }
                    for (PlacedPicture picture : row.box().pictures()) {
                        pictures.add(picture.movedBy(left, y));
                    }
                    calls.addAll(row.box().calls());
                    y += row.box().height();
                }
                above = null;
            }
        }
        if (above != null) {
            y += Millipoints.ofTwips(Gaps.after(above, null));
        }
        return new SetBox(out, pictures, calls, y);
    }

    private int addParagraph(
            Paragraph paragraph,
            int width,
            FieldValues fields,
            int top,
            List<SetBox.BoxLine> out,
            List<PlacedPicture> pictures,
            List<Story> calls) {
        SetParagraph set = lines.compose(paragraph, width, fields);
        int y = top;
        for (int i = 0; i < set.lines().size(); i++) {
            SetLine line = set.lines().get(i);
            out.add(new SetBox.BoxLine(paragraph, i, line, 0, width, y));
            for (PlacedPicture picture : line.pictures()) {
                pictures.add(picture.movedBy(0, y));
            }
            calls.addAll(line.calls());
            y += line.height();
        }
        for (Content.Floating floating : set.floats()) {
            Content.Box box = floating.box();
            pictures.add(new PlacedPicture(0, top, box.width(), box.height(), box.target(), box.alternative()));
        }
        return y;
    }

    /** Distance of a table's left edge from the column's. */
    static int tableLeft(Table table, int columnWidth) {
        int width = 0;
        for (int column : table.columns()) {
            width += Millipoints.ofTwips(Math.max(0, column));
        }
        return switch (table.alignment()) {
            case CENTRE -> (columnWidth - width) / 2;
            case RIGHT -> columnWidth - width;
            case LEFT, JUSTIFIED -> Millipoints.ofTwips(table.indent());
        };
    }

    /** The rows of a table, each with its height; lines are placed from the table's left edge. */
    List<SetRow> composeRows(Table table, int columnWidth, FieldValues fields) {
        int[] edges = edges(table, columnWidth);
        List<SetRow> rows = new ArrayList<>();
        int[] owed = new int[edges.length];
        for (int r = 0; r < table.rows().size(); r++) {
            Table.Row row = table.rows().get(r);
            List<SetBox.BoxLine> out = new ArrayList<>();
            List<PlacedPicture> pictures = new ArrayList<>();
            List<Story> calls = new ArrayList<>();
            int height = Millipoints.ofTwips(Math.max(0, row.height()));
            int column = Math.min(Math.max(0, row.skipped()), edges.length - 1);
            int[] started = new int[edges.length];
            for (Table.Cell cell : row.cells()) {
                int next = Math.min(column + cell.span(), edges.length - 1);
                boolean lastOfMerge = !continuesBelow(table, r, column);
                if (cell.continuesAbove()) {
                    height = lastOfMerge ? Math.max(height, owed[column]) : height;
                } else {
                    int needed = setCell(cell, edges[column], edges[next], fields, out, pictures, calls);
                    if (lastOfMerge) {
                        height = row.exact() ? height : Math.max(height, needed);
                    } else {
                        started[column] = needed;
                    }
                }
                column = next;
            }
            for (int c = 0; c < owed.length; c++) {
                owed[c] = Math.max(0, Math.max(owed[c], started[c]) - height);
            }
            rows.add(new SetRow(row, new SetBox(out, pictures, calls, height)));
        }
        return rows;
    }

    private int setCell(
            Table.Cell cell,
            int left,
            int right,
            FieldValues fields,
            List<SetBox.BoxLine> out,
            List<PlacedPicture> pictures,
            List<Story> calls) {
        int innerLeft = left + Millipoints.ofTwips(cell.marginLeft());
        int innerTop = Millipoints.ofTwips(cell.marginTop());
        int width = Math.max(NARROWEST_CELL, right - Millipoints.ofTwips(cell.marginRight()) - innerLeft);
        SetBox inner = compose(cell.blocks(), width, fields);
        for (SetBox.BoxLine line : inner.lines()) {
            out.add(line.movedBy(innerLeft, innerTop));
        }
        for (PlacedPicture picture : inner.pictures()) {
            pictures.add(picture.movedBy(innerLeft, innerTop));
        }
        calls.addAll(inner.calls());
        return innerTop + inner.height() + Millipoints.ofTwips(cell.marginBottom());
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

    /** The grid's lines from the table's left edge; columns without a width share what is left of the column. */
    private static int[] edges(Table table, int columnWidth) {
        int count = table.columns().size();
        for (Table.Row row : table.rows()) {
            count = Math.max(
                    count,
                    row.skipped()
                            + row.cells().stream().mapToInt(Table.Cell::span).sum());
        }
        long given = 0;
        int missing = count;
        for (int column : table.columns()) {
            if (column > 0) {
                given += Millipoints.ofTwips(column);
                missing--;
            }
        }
        int share = missing == 0 ? 0 : (int) Math.max(NARROWEST_CELL, (columnWidth - given) / missing);
        int[] edges = new int[count + 1];
        for (int i = 0; i < count; i++) {
            int column = i < table.columns().size() ? table.columns().get(i) : 0;
            edges[i + 1] = Math.min(Millipoints.LIMIT, edges[i] + (column > 0 ? Millipoints.ofTwips(column) : share));
        }
        return edges;
    }

    /** A row with its content placed. */
    record SetRow(Table.Row row, SetBox box) {}

    /** Whether a paragraph keeps company with the block after it. */
    static boolean keepsWithNext(@Nullable Block block) {
        return block instanceof Paragraph paragraph && paragraph.format().get(ParagraphProperties.KEEP_WITH_NEXT);
    }
}
