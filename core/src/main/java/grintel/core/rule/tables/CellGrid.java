package grintel.core.rule.tables;

import grintel.core.paper.Block;
import grintel.core.paper.Border;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The cells of a table by row and column of its grid: its heads, its stub, its body. */
final class CellGrid {
    private static final Pattern NUMBER = Pattern.compile(
            "[<>=≤≥~≈]?\\s?[-−–+]?\\s?(?:\\d{1,3}(?:[, ]\\d{3})+|\\d+)?(?:[.,]\\d+)?\\s?%?\\s?[*†‡]{0,3}[a-z]?");
    private static final Pattern DIGIT = Pattern.compile(".*\\d.*", Pattern.DOTALL);
    private static final double MOST = 2 / 3.0;
    private static final double NEARLY_ALL = 0.9;
    private static final double HALF = 0.5;
    private static final int MOST_HEADS = 3;
    private static final int LONGEST_NUMBER = 40;

    private final Table table;
    private final List<List<Place>> rows = new ArrayList<>();
    private final int columns;
    private final int heads;

    /**
     * A cell where it stands.
     *
     * @param at counted from 0 among the cells of its row
     * @param column the first column of the grid it takes
     */
    record Place(int row, int at, int column, Table.Cell cell) {
        int end() {
            return column + cell.span();
        }

        List<Paragraph> paragraphs() {
            List<Paragraph> out = new ArrayList<>();
            for (Block block : cell.blocks()) {
                if (block instanceof Paragraph paragraph) {
                    out.add(paragraph);
                }
            }
            return out;
        }

        /** Its words, white space at the ends aside. */
        String text() {
            StringBuilder out = new StringBuilder();
            paragraphs()
                    .forEach(paragraph -> out.append(out.isEmpty() ? "" : "\n").append(paragraph.text()));
            return out.toString().strip();
        }

        boolean isEmpty() {
            return text().isEmpty();
        }

        /** Whether it says one number, whatever signs stand by it. */
        boolean isNumber() {
            return CellGrid.isNumber(text());
        }
    }

    private CellGrid(Table table) {
        this.table = table;
        int most = 0;
        for (int row = 0; row < table.rows().size(); row++) {
            List<Place> places = new ArrayList<>();
            List<Table.Cell> cells = table.rows().get(row).cells();
            int column = table.rows().get(row).skipped();
            for (int at = 0; at < cells.size(); at++) {
                places.add(new Place(row, at, column, cells.get(at)));
                column += cells.get(at).span();
            }
            rows.add(places);
            most = Math.max(most, column);
        }
        this.columns = most;
        this.heads = countHeads();
    }

    static CellGrid of(Table table) {
        return new CellGrid(table);
    }

    static boolean isNumber(String text) {
        return text.length() <= LONGEST_NUMBER
                && DIGIT.matcher(text).matches()
                && NUMBER.matcher(text).matches();
    }

    /** Rows that repeat are heads; else the first row, and the next where cells of the first span columns or rows. */
    private int countHeads() {
        int repeated = 0;
        while (repeated < rows.size() && table.rows().get(repeated).repeats()) {
            repeated++;
        }
        if (repeated > 0 && repeated < rows.size()) {
            return repeated;
        }
        int at = 1;
        while (at < rows.size() - 1 && at < MOST_HEADS && (spans(at - 1) || goesOn(at))) {
            at++;
        }
        return Math.min(at, Math.max(0, rows.size() - 1));
    }

    private boolean spans(int row) {
        return rows.get(row).stream().anyMatch(place -> place.cell().span() > 1);
    }

    private boolean goesOn(int row) {
        return rows.get(row).stream().anyMatch(place -> place.cell().continuesAbove());
    }

    Table table() {
        return table;
    }

    int columns() {
        return columns;
    }

    int size() {
        return rows.size();
    }

    /** How many rows at the top are heads; at least one row is none. */
    int heads() {
        return heads;
    }

    List<Place> row(int row) {
        return rows.get(row);
    }

    List<Place> all() {
        return rows.stream().flatMap(List::stream).toList();
    }

    /** The cell that takes a column in a row, null where none does. */
    @Nullable
    Place at(int row, int column) {
        for (Place place : rows.get(row)) {
            if (place.column() <= column && column < place.end()) {
                return place;
            }
        }
        return null;
    }

    /** The cells under the heads that stand in one column alone. */
    List<Place> body(int column) {
        List<Place> out = new ArrayList<>();
        for (int row = heads; row < rows.size(); row++) {
            Place place = at(row, column);
            if (place != null && place.cell().span() == 1 && !place.cell().continuesAbove()) {
                out.add(place);
            }
        }
        return out;
    }

    /** The lowest head over a column, null where none stands over it alone. */
    @Nullable
    Place head(int column) {
        for (int row = heads - 1; row >= 0; row--) {
            Place place = at(row, column);
            if (place != null && place.cell().span() == 1 && !place.isEmpty()) {
                return place;
            }
        }
        return null;
    }

    /** The first cell of a row. */
    String stub(int row) {
        Place place = at(row, 0);
        return place == null ? "" : place.text();
    }

    /** Whether most of what a column holds are numbers; the first column is the stub. */
    boolean isOfNumbers(int column) {
        List<Place> filled =
                body(column).stream().filter(place -> !place.isEmpty()).toList();
        long numbers = filled.stream().filter(Place::isNumber).count();
        return column > 0 && numbers > 0 && numbers >= filled.size() * MOST;
    }

    /** Whether a row only names those under it: one cell over all columns, or the first alone filled. */
    boolean isPanel(int row) {
        List<Place> filled =
                rows.get(row).stream().filter(place -> !place.isEmpty()).toList();
        return filled.size() == 1 && filled.get(0).column() == 0;
    }

    // ---- lines

    /** The share of the columns over which a line stands above a row; for the number of rows, under the last. */
    private double lineAbove(int row) {
        int lined = 0;
        for (int column = 0; column < columns; column++) {
            Place over = row == 0 ? null : at(row - 1, column);
            Place under = row == rows.size() ? null : at(row, column);
            boolean line = over != null && over.cell().borders().bottom().isVisible()
                    || under != null && under.cell().borders().top().isVisible();
            lined += line ? 1 : 0;
        }
        return columns == 0 ? 0 : lined / (double) columns;
    }

    /** Whether a line stands above a row over nearly all its columns; for the number of rows, under the last. */
    boolean isRuledAcross(int row) {
        return lineAbove(row) >= NEARLY_ALL;
    }

    /** Whether a line stands above a row over most of its columns. */
    boolean isRuledAbove(int row) {
        return lineAbove(row) > HALF;
    }

    /** How many edges of columns, the outer ones included, have a line at any row. */
    int verticals() {
        boolean[] edges = new boolean[columns + 1];
        for (Place place : all()) {
            Border.Frame frame = place.cell().borders();
            edges[Math.min(place.column(), columns)] |= frame.left().isVisible();
            edges[Math.min(place.end(), columns)] |= frame.right().isVisible();
        }
        int count = 0;
        for (boolean edge : edges) {
            count += edge ? 1 : 0;
        }
        return count;
    }
}
