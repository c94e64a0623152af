package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Property;
import grintel.core.paper.TableProperties;
import grintel.core.rule.Check;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.rule.Subjects;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.regex.Pattern;

/** The horizontal rules of a table: over it, under its heads, under it, and none between its rows but above a total. */
public final class TablesRulesRule implements Rule {
    static final Measure RULE = Measure.word("a-rule");
    private static final Border LINE = new Border(4, 1, Colour.AUTO);
    private static final Pattern TOTAL =
            Pattern.compile("(?i)(?:sub|grand )?totals?\\b.*|all\\b.*|overall\\b.*|sum\\b.*");

    @Override
    public String id() {
        return "tables.rules";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        DataTables tables = DataTables.of(exam);
        List<Paragraph> firsts = tables.ofRowsAndColumns().stream()
                .map(DataTables.DataTable::first)
                .toList();
        Subjects<Paragraph> all = exam.paragraphs(firsts);
        List<Reading> out = new ArrayList<>();
        out.addAll(required(tables, all, "top", grid -> 0));
        out.addAll(required(tables, all, "heads", CellGrid::heads));
        out.addAll(required(tables, all, "bottom", CellGrid::size));
        Subjects<Paragraph> crossed =
                all.filter(first -> inside(tables.of(first).grid()) > 0);
        out.addAll(fixed(
                        tables,
                        (crossed.isEmpty() ? all : crossed)
                                .check(id(), "inside")
                                .none("rule", first -> inside(tables.of(first).grid()))
                                .metWhen((first, is) -> crossed.isEmpty()))
                .readings());
        return out;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        List<Stroke> out = new ArrayList<>();
        for (DataTables.DataTable table : DataTables.of(exam).ofRowsAndColumns()) {
            CellGrid grid = table.grid();
            for (DataTables.Piece piece : table.pieces()) {
                if (piece.page().number() == page.number()) {
                    out.addAll(
                            new RuleStrokes(page, piece.placed(), grid, readings, row -> isStray(grid, row)).strokes());
                }
            }
        }
        return out;
    }

    private List<Reading> required(
            DataTables tables, Subjects<Paragraph> all, String quantity, ToIntFunction<CellGrid> row) {
        return fixed(
                        tables,
                        all.check(id(), quantity)
                                .measure(first -> {
                                    CellGrid grid = tables.of(first).grid();
                                    return grid.isRuledAcross(row.applyAsInt(grid)) ? RULE : Measure.word("no-rule");
                                })
                                .asks(RULE))
                .readings();
    }

    private static Check<Paragraph> fixed(DataTables tables, Check<Paragraph> check) {
        return check.fix((off, cause) -> off.stream()
                .flatMap(first -> ruled(tables.of(first).grid()).stream())
                .toList());
    }

    /** How many rules stand between the rows under the heads where none is due. */
    private static int inside(CellGrid grid) {
        int count = 0;
        for (int row = grid.heads() + 1; row < grid.size(); row++) {
            count += isStray(grid, row) ? 1 : 0;
        }
        return count;
    }

    private static boolean isStray(CellGrid grid, int row) {
        return row > grid.heads() && !isDue(grid, row) && grid.isRuledAbove(row);
    }

    private static boolean isTotal(CellGrid grid, int row) {
        return TOTAL.matcher(grid.stub(row)).matches();
    }

    // ---- putting right

    /** The whole table as it should be ruled, whichever of its rules was off. */
    private static List<Edit> ruled(CellGrid grid) {
        Target table = new Target.OfTable(grid.table().address());
        List<Edit> out = new ArrayList<>();
        out.add(new Edit.SetProperty(table, TableProperties.BORDER_TOP, LINE));
        out.add(new Edit.SetProperty(table, TableProperties.BORDER_BOTTOM, LINE));
        out.add(new Edit.SetProperty(table, TableProperties.BORDER_INSIDE_ACROSS, Border.NONE));
        for (CellGrid.Place place : grid.all()) {
            boolean over = place.row() == 0 || place.row() == grid.heads();
            boolean under = place.row() == grid.size() - 1 || place.row() == grid.heads() - 1;
            boolean keepsOver = over || place.row() < grid.heads() || isDue(grid, place.row());
            boolean keepsUnder = under || place.row() < grid.heads() || isDue(grid, place.row() + 1);
            Border.Frame is = place.cell().borders();
            set(out, grid, place, CellProperties.BORDER_TOP, is.top(), over, keepsOver);
            set(out, grid, place, CellProperties.BORDER_BOTTOM, is.bottom(), under, keepsUnder);
        }
        return out;
    }

    private static boolean isDue(CellGrid grid, int row) {
        return row < grid.size()
                && row > grid.heads()
                && (isTotal(grid, row) || grid.isPanel(row) || grid.isPanel(row - 1));
    }

    /** A line that stands where one should, or may, is left as it was drawn. */
    private static void set(
            List<Edit> out,
            CellGrid grid,
            CellGrid.Place place,
            Property<Border> side,
            Border is,
            boolean wanted,
            boolean kept) {
        if (wanted || is.isVisible()) {
            Border should = is.isVisible() && kept ? is : wanted ? LINE : Border.NONE;
            out.add(new Edit.SetProperty(
                    new Target.OfCell(grid.table().address(), place.row(), place.at()), side, should));
        }
    }
}
