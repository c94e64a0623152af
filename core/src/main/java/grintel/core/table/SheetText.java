package grintel.core.table;

import grintel.core.limit.WorkLimits;
import grintel.core.made.UnusableSourceException;
import java.util.ArrayList;
import java.util.List;

/** Cells in plain text: parted by tabs, semicolons or commas (RFC 4180), or standing in columns by runs of spaces. */
public final class SheetText {
    /** Of so many lines the form of a text is told. */
    private static final int LOOKED_AT = 200;

    private SheetText() {}

    /**
     * The sheets of a text, each after a blank line.
     *
     * @throws UnusableSourceException when there is no cell in it
     */
    public static List<Sheet> read(String text) {
        String clean = clean(text);
        if (clean.indexOf('\0') >= 0) {
            throw new UnusableSourceException("This is no text. Save it as .csv or .xlsx, or paste the cells.");
        }
        if (clean.isBlank()) {
            throw new UnusableSourceException("There are no cells in it. Copy the table as a whole, or choose a file.");
        }
        char mark = mark(clean);
        List<List<String>> rows = mark == ' ' ? inColumns(clean) : parted(clean, mark);
        return sheets(rows);
    }

    /** The rows of a text that is cells beyond doubt: marks part nearly all its lines into as many, two at least. Else none. */
    public static List<List<String>> rowsOfCells(String text) {
        String clean = clean(text);
        char mark = clean.isBlank() ? ' ' : mark(clean);
        if (mark == ' ') {
            return List.of();
        }
        List<List<String>> rows =
                parted(clean, mark).stream().filter(row -> filled(row) > 0).toList();
        long alike = rows.stream()
                .filter(row -> row.size() > 1 && row.size() == rows.get(0).size())
                .count();
        return rows.size() > 1 && alike * 10 >= rows.size() * 9L ? rows : List.of();
    }

    private static String clean(String text) {
        return text.replace("\r\n", "\n").replace('\r', '\n').replace("\uFEFF", "");
    }

    /** Blocks of rows that blank ones part; one of a single line is the title of the next, or a footer of the one before. */
    private static List<Sheet> sheets(List<List<String>> rows) {
        List<List<List<String>>> blocks = new ArrayList<>();
        List<List<String>> open = new ArrayList<>();
        for (List<String> row : rows) {
            WorkLimits.goOn();
            if (row.stream().allMatch(String::isBlank)) {
                if (!open.isEmpty() && open.stream().anyMatch(each -> filled(each) > 1)) {
                    blocks.add(open);
                    open = new ArrayList<>();
                }
            } else {
                open.add(row);
            }
        }
        if (!open.isEmpty()) {
            if (open.stream().noneMatch(each -> filled(each) > 1) && !blocks.isEmpty()) {
                blocks.get(blocks.size() - 1).addAll(open);
            } else {
                blocks.add(open);
            }
        }
        return blocks.stream().map(block -> Sheet.of(block, List.of())).toList();
    }

    private static long filled(List<String> row) {
        return row.stream().filter(cell -> !cell.isBlank()).count();
    }

    /** What parts the cells: a tab where there is any, else the mark that most lines have as often as each other. */
    private static char mark(String text) {
        if (text.indexOf('\t') >= 0) {
            return '\t';
        }
        List<String> lines =
                text.lines().filter(line -> !line.isBlank()).limit(LOOKED_AT).toList();
        for (char mark : new char[] {';', ','}) {
            long usual = lines.stream()
                    .mapToLong(line -> line.chars().filter(c -> c == mark).count())
                    .sorted()
                    .skip(lines.size() / 2)
                    .findFirst()
                    .orElse(0);
            long same = lines.stream()
                    .filter(line -> line.chars().filter(c -> c == mark).count() == usual)
                    .count();
            boolean prose = mark == ','
                    && lines.stream().filter(line -> line.contains(", ")).count() * 2 > lines.size();
            if (usual > 0 && !prose && same * 5 >= lines.size() * 3L) {
                return mark;
            }
        }
        return lines.stream().anyMatch(line -> line.contains("\"")) && text.indexOf(',') >= 0 ? ',' : ' ';
    }

    private static List<List<String>> inColumns(String text) {
        List<List<String>> out = new ArrayList<>();
        text.lines().forEach(line -> out.add(List.of(line.strip().split(" {2,}"))));
        return out;
    }

    /** Cells parted by a mark; quotation marks hold cells together and are doubled inside them. */
    private static List<List<String>> parted(String text, char mark) {
        List<List<String>> rows = new ArrayList<>();
        List<String> row = new ArrayList<>();
        StringBuilder cell = new StringBuilder();
        boolean quoted = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (quoted) {
                if (c == '"' && i + 1 < text.length() && text.charAt(i + 1) == '"') {
                    cell.append('"');
                    i++;
                } else if (c == '"') {
                    quoted = false;
                } else {
                    cell.append(c);
                }
            } else if (c == '"' && cell.isEmpty()) {
                quoted = true;
            } else if (c == mark || c == '\n') {
                row.add(cell.toString());
                cell.setLength(0);
                if (c == '\n') {
                    WorkLimits.goOn();
                    rows.add(row);
                    row = new ArrayList<>();
                    if (rows.size() > 2 * Sheet.MOST_ROWS) {
                        throw new UnusableSourceException("A table is made of at most 50,000 rows; these are more.");
                    }
                }
            } else {
                cell.append(c);
            }
        }
        row.add(cell.toString());
        rows.add(row);
        return rows;
    }
}
