package grintel.core.typeset;

import grintel.core.paper.Table;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Places the rows of tables on pages, with their heads again on each further page (ISO 29500-1 §17.4.78). */
final class TablePlacer {
    private final PageFlow flow;
    private final TableComposer composer;
    private final Remarks remarks;
    private int tables;
    private @Nullable Table aheadOf;
    private int aheadWidth;
    private @Nullable SetTable ahead;

    TablePlacer(PageFlow flow, TableComposer composer, Remarks remarks) {
        this.flow = flow;
        this.composer = composer;
        this.remarks = remarks;
    }

    /** What must stand on a page for the table to have started there: its heads and the first row below them. */
    int heightOfStart(Table table) {
        SetTable set = compose(table);
        int height = 0;
        for (int i = 0; i < set.rows().size(); i++) {
            height += set.rows().get(i).box().height();
            if (i >= set.heads().size() && !set.rows().get(i).keepsWithNext()) {
                break;
            }
        }
        return height;
    }

    /** A table looked at ahead of its turn is not set twice. */
    @SuppressWarnings("ReferenceEquality")
    private SetTable compose(Table table) {
        int width = flow.page().geometry.columnWidth();
        if (ahead == null || aheadOf != table || aheadWidth != width) {
            ahead = composer.compose(table, width, FieldValues.UNCOUNTED);
            aheadOf = table;
            aheadWidth = width;
        }
        return ahead;
    }

    void place(Table table, PagePart part) {
        flow.page().clearObstacles();
        SetTable set = compose(table);
        if (set.rows().isEmpty()) {
            return;
        }
        int number = tables++;
        List<SetTable.Row> heads = set.heads();
        noteWidths(set, table);
        Span span = new Span(flow.page(), flow.page().y);
        for (int i = 0; i < set.rows().size(); i++) {
            if (i >= heads.size()
                    && (i == heads.size() || !set.rows().get(i - 1).keepsWithNext())) {
                span = keepRowsTogether(set, i, heads, part, number, span);
            }
            span = placeRow(set, i, i < heads.size() ? List.of() : heads, part, number, span);
            flow.checkLimits();
        }
        close(set, number, span);
    }

    private void noteWidths(SetTable set, Table table) {
        OpenPage page = flow.page();
        if (page.columnLeft() + set.left() + set.width() > page.geometry.width()) {
            remarks.add(Remarks.Kind.TABLE_TOO_WIDE, page.number);
        }
        for (int i = 0; i + 1 < set.edges().length; i++) {
            int column = i;
            boolean tooNarrow = table.rows().stream()
                    .filter(row -> row.skipped() == 0 && column < row.cells().size())
                    .map(row -> row.cells().get(column))
                    .anyMatch(cell -> cell.span() == 1
                            && TableComposer.textWidth(cell, set.edges()[column], set.edges()[column + 1])
                                    <= ColumnWidths.NARROWEST);
            if (tooNarrow) {
                remarks.add(Remarks.Kind.CELL_TOO_NARROW, page.number);
            }
        }
    }

    /** Rows that keep company with the next go to a new page together where they do not fit here and would there. */
    private Span keepRowsTogether(
            SetTable set, int from, List<SetTable.Row> heads, PagePart part, int number, Span span) {
        if (!set.rows().get(from).keepsWithNext()) {
            return span;
        }
        int needed = 0;
        for (int i = from; i < set.rows().size(); i++) {
            needed += set.rows().get(i).box().height();
            if (!set.rows().get(i).keepsWithNext()) {
                break;
            }
        }
        OpenPage page = flow.page();
        if (page.y + needed > page.bottom() && needed <= page.fullHeight() && !page.isEmptyColumn()) {
            return turn(set, heads, part, number, span);
        }
        return span;
    }

    private Span placeRow(SetTable set, int index, List<SetTable.Row> heads, PagePart part, int number, Span before) {
        SetTable.Row row = set.rows().get(index);
        SetBox rest = row.box();
        boolean begins = true;
        Span span = before;
        boolean turned = false;
        while (flow.page().y + rest.height() > flow.page().bottom()) {
            OpenPage page = flow.page();
            boolean tooHigh = rest.height() > page.fullHeight();
            SplitBox split = row.row().staysWhole() && !tooHigh ? null : SplitBox.at(rest, page.bottom() - page.y);
            if (split != null) {
                span.row(index, flow.page().y, begins);
                begins = false;
                flow.placeBox(split.above(), part, x(set), false);
                rest = split.below();
            } else if (page.isEmptyColumn() || turned) {
                if (tooHigh) {
                    remarks.add(Remarks.Kind.ROW_TOO_HIGH, page.number);
                }
                break;
            }
            span = turn(set, heads, part, number, span);
            turned = split == null;
        }
        span.row(index, flow.page().y, begins);
        flow.placeBox(rest, part, x(set), false);
        return span;
    }

    private int x(SetTable set) {
        return flow.page().columnLeft() + set.left();
    }

    /** Goes on at the top of the next column or page, under the heads. */
    private Span turn(SetTable set, List<SetTable.Row> heads, PagePart part, int number, Span span) {
        close(set, number, span);
        flow.newColumnOrPage(false);
        Span next = new Span(flow.page(), flow.page().y);
        for (int i = 0; i < heads.size(); i++) {
            SetBox head = heads.get(i).box();
            if (flow.page().y + head.height() <= flow.page().bottom()) {
                next.row(i, flow.page().y, true);
                flow.placeBox(head, part, x(set), true);
            }
        }
        return next;
    }

    /** Notes what of the table stands on a page. */
    private void close(SetTable set, int number, Span span) {
        if (flow.page().y <= span.top) {
            return;
        }
        int left = x(set);
        List<Integer> edges = new ArrayList<>();
        for (int edge : set.edges()) {
            edges.add(left + edge);
        }
        span.page.tables.add(new PlacedTable(number, edges, span.top, flow.page().y, span.rows));
    }

    /** The page and the height at which the part of the table begins that is being placed, and its rows so far. */
    private record Span(OpenPage page, int top, List<PlacedTable.PlacedRow> rows) {
        Span(OpenPage page, int top) {
            this(page, top, new ArrayList<>());
        }

        void row(int index, int y, boolean begins) {
            rows.add(new PlacedTable.PlacedRow(index, y, begins));
        }
    }
}
