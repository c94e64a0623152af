package grintel.formats.sheet;

import grintel.core.limit.WorkLimits;
import grintel.core.made.UnusableSourceException;
import grintel.core.table.Sheet;
import grintel.core.table.SheetText;
import java.util.ArrayList;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;

/** The tables of a page. Nothing of it is run or fetched. */
public final class HtmlSheets {
    private static final int MOST_SPANNED = 1000;

    private HtmlSheets() {}

    /**
     * The sheets of a page, one a table; of its words where it has no table.
     *
     * @throws UnusableSourceException when there is no cell in it, or more than can be taken
     */
    public static List<Sheet> read(String html) {
        Document page = Jsoup.parse(html);
        page.select("script, style, template, noscript, nav, button").remove();
        List<Sheet> out = new ArrayList<>();
        for (Element table : page.select("table")) {
            // A table that holds others only lays out the page.
            if (table.select("table").size() == 1) {
                Sheet sheet = sheet(table);
                if (sheet != null) {
                    out.add(sheet);
                }
            }
        }
        return out.isEmpty() ? SheetText.read(page.body().wholeText()) : out;
    }

    private static @Nullable Sheet sheet(Element table) {
        List<List<@Nullable String>> grid = new ArrayList<>();
        Element caption = table.selectFirst("caption");
        if (caption != null && !caption.text().isBlank()) {
            grid.add(new ArrayList<>(List.of(caption.text())));
        }
        int row = grid.size();
        for (Element line : table.select("tr")) {
            WorkLimits.goOn();
            int column = 0;
            for (Element cell : line.select("> td, > th")) {
                while (at(grid, row, column) != null) {
                    column++;
                }
                int across = span(cell, "colspan");
                int down = span(cell, "rowspan");
                if (column + across > Sheet.MOST_COLUMNS + 1 || row > Sheet.MOST_ROWS) {
                    throw new UnusableSourceException(
                            "A table is made of at most 50,000 rows and 300 columns; this page has more.");
                }
                // A joined cell says its words once; the others it covers are empty.
                for (int i = 0; i < down; i++) {
                    for (int j = 0; j < across; j++) {
                        set(grid, row + i, column + j, i == 0 && j == 0 ? cell.text() : "");
                    }
                }
                column += across;
            }
            row++;
        }
        List<List<String>> cells = new ArrayList<>();
        for (List<@Nullable String> line : grid) {
            cells.add(line.stream().map(cell -> cell == null ? "" : cell).toList());
        }
        boolean filled = cells.stream().anyMatch(line -> line.stream().anyMatch(cell -> !cell.isBlank()));
        return filled ? Sheet.of(cells, List.of()) : null;
    }

    private static int span(Element cell, String name) {
        String said = cell.attr(name);
        return said.matches("\\d{1,4}") ? Math.max(1, Math.min(MOST_SPANNED, Integer.parseInt(said))) : 1;
    }

    private static @Nullable String at(List<List<@Nullable String>> grid, int row, int column) {
        return row < grid.size() && column < grid.get(row).size()
                ? grid.get(row).get(column)
                : null;
    }

    private static void set(List<List<@Nullable String>> grid, int row, int column, String words) {
        while (grid.size() <= row) {
            grid.add(new ArrayList<>());
        }
        List<@Nullable String> line = grid.get(row);
        while (line.size() <= column) {
            line.add(null);
        }
        line.set(column, words);
    }
}
