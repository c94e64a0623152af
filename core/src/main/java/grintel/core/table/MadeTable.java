package grintel.core.table;

import grintel.core.made.Slanted;
import grintel.core.made.UnusableSourceException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A table in the guide's form, before it has a place. Words between low lines, {@code _M_}, are slanted.
 *
 * @param heads rows of heads from the top; their cells span all columns together
 * @param rows cells under the heads, as many in each row as there are columns
 * @param notes paragraphs under it, without the word that opens the first
 * @param report the sentence that tells the test in the text, empty for none
 */
public record MadeTable(
        String title, List<List<Head>> heads, List<List<String>> rows, List<String> notes, String report) {
    /** A table of more rows is no table for a paper. */
    public static final int MOST_ROWS = 500;

    public MadeTable {
        heads = heads.stream().map(List::copyOf).toList();
        rows = rows.stream().map(List::copyOf).toList();
        notes = List.copyOf(notes);
        if (rows.size() > MOST_ROWS) {
            throw new UnusableSourceException("A table in a paper has at most 500 rows; this one would have "
                    + String.format(Locale.ROOT, "%,d", rows.size()) + ". Take the rows your reader needs.");
        }
        int columns = heads.isEmpty() ? 0 : width(heads.get(0));
        if (columns == 0 || heads.stream().anyMatch(row -> width(row) != columns)) {
            throw new IllegalArgumentException("Heads do not span the same columns");
        }
        if (rows.stream().anyMatch(row -> row.size() != columns)) {
            throw new IllegalArgumentException("A row does not fill the columns under its heads");
        }
    }

    /**
     * A head.
     *
     * @param span columns it stands over, at least 1
     */
    public record Head(String words, int span) {
        static Head of(String words) {
            return new Head(words, 1);
        }
    }

    private static int width(List<Head> row) {
        return row.stream().mapToInt(Head::span).sum();
    }

    /** How many columns it has. */
    public int columns() {
        return width(heads.get(0));
    }

    /** Heads of one row, each over one column. */
    static List<List<Head>> plainHeads(List<String> words) {
        return List.of(words.stream().map(Head::of).toList());
    }

    /** The longest words of each column, as they are seen. */
    List<Integer> widths() {
        List<Integer> out = new ArrayList<>();
        for (int column = 0; column < columns(); column++) {
            int most = 1;
            for (List<String> row : rows) {
                most = Math.max(most, Slanted.plain(row.get(column)).length());
            }
            out.add(Math.max(most, head(column)));
        }
        return out;
    }

    private int head(int column) {
        List<Head> last = heads.get(heads.size() - 1);
        int at = 0;
        for (Head head : last) {
            if (column < at + head.span) {
                return Slanted.plain(head.words).length() / head.span;
            }
            at += head.span;
        }
        return 0;
    }
}
