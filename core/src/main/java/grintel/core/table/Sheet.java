package grintel.core.table;

import grintel.core.made.UnusableSourceException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Cells as they came in, before anything is known of them.
 *
 * @param title what stood over the cells, empty for nothing
 * @param rows all of one length; cells are single lines without white space at their ends
 * @param footers lines that stood under the cells
 * @param remarks what was noticed on the way, told to the person
 */
public record Sheet(String title, List<List<String>> rows, List<String> footers, List<String> remarks) {
    private static final Pattern WHITE = Pattern.compile("[\\s\\u00A0\\u200B\\uFEFF]+");
    private static final Pattern FOOTER = Pattern.compile(
            "(?:[a-z*†‡]{1,3}[.)]|\\*{1,3}|notes?\\b|sources?\\b).*", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

    /** More rows than this are not taken. */
    public static final int MOST_ROWS = 50_000;

    /** More columns than this are not taken. */
    public static final int MOST_COLUMNS = 300;

    public Sheet {
        rows = rows.stream().map(List::copyOf).toList();
        footers = List.copyOf(footers);
        remarks = List.copyOf(remarks);
    }

    /**
     * A sheet of cells of any shape: lines that fill one cell alone, over and under the others, become title and
     * footers, empty rows and columns go, and all rows are made equally long.
     *
     * @throws UnusableSourceException when nothing is left, or more than can be taken
     */
    public static Sheet of(List<List<String>> cells, List<String> remarks) {
        List<List<String>> filled = new ArrayList<>();
        for (List<String> row : cells) {
            List<String> tidy = row.stream().map(Sheet::tidy).toList();
            if (tidy.stream().anyMatch(cell -> !cell.isEmpty())) {
                filled.add(tidy);
            }
        }
        int columns = filled.stream().mapToInt(List::size).max().orElse(0);
        if (filled.size() > MOST_ROWS) {
            throw new UnusableSourceException("A table is made of at most 50,000 rows; these are "
                    + String.format(Locale.ROOT, "%,d", filled.size()) + ". Take the rows you need.");
        }
        if (columns > MOST_COLUMNS) {
            throw new UnusableSourceException(
                    "A table is made of at most 300 columns; these are " + columns + ". Take the columns you need.");
        }
        int first = 0;
        StringBuilder title = new StringBuilder();
        while (first < filled.size() - 1 && columns > 1 && isLine(filled.get(first)) && first < 3) {
            title.append(title.isEmpty() ? "" : " ").append(filled.get(first).get(0));
            first++;
        }
        int last = filled.size();
        List<String> footers = new ArrayList<>();
        while (last > first + 1
                && columns > 1
                && isLine(filled.get(last - 1))
                && isFooter(filled.get(last - 1).get(0))) {
            footers.add(0, filled.get(last - 1).get(0));
            last--;
        }
        List<List<String>> rows = withoutEmptyColumns(filled.subList(first, last), columns);
        if (rows.isEmpty()) {
            throw new UnusableSourceException("There are no cells in it. Copy the table as a whole, or choose a file.");
        }
        return new Sheet(title.toString(), rows, footers, remarks);
    }

    /** Whether only the first cell of a row says something. */
    private static boolean isLine(List<String> row) {
        return !row.get(0).isEmpty() && row.subList(1, row.size()).stream().allMatch(String::isEmpty);
    }

    /** Notes under a table open with a letter or a sign that calls them, with the word, or are sentences. */
    private static boolean isFooter(String line) {
        return FOOTER.matcher(line).matches() || line.endsWith(".");
    }

    private static List<List<String>> withoutEmptyColumns(List<List<String>> rows, int columns) {
        boolean[] used = new boolean[columns];
        for (List<String> row : rows) {
            for (int i = 0; i < row.size(); i++) {
                used[i] |= !row.get(i).isEmpty();
            }
        }
        List<List<String>> out = new ArrayList<>();
        for (List<String> row : rows) {
            List<String> kept = new ArrayList<>();
            for (int i = 0; i < columns; i++) {
                if (used[i]) {
                    kept.add(i < row.size() ? row.get(i) : "");
                }
            }
            out.add(kept);
        }
        return out;
    }

    private static String tidy(String cell) {
        return WHITE.matcher(cell).replaceAll(" ").strip();
    }

    /** How many columns it has. */
    public int columns() {
        return rows.isEmpty() ? 0 : rows.get(0).size();
    }

    /** The cell of a row and a column. */
    public String at(int row, int column) {
        return rows.get(row).get(column);
    }
}
