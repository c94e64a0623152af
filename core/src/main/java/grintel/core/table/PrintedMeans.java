package grintel.core.table;

import grintel.core.made.UnusableSourceException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The numbers of a printed table, or of any other cells, by the names of its rows and columns. */
final class PrintedMeans {
    private final Sheet sheet;
    private final boolean commas;
    private final int heads;
    private final List<String> names;
    private final List<Integer> columns = new ArrayList<>();
    /** How many columns at the left name a row. */
    private final int labels;

    private PrintedMeans(Sheet sheet, List<Boolean> kept) {
        this.sheet = sheet;
        this.commas = Numeral.commas(sheet);
        this.heads = OutputTables.heads(sheet, commas);
        this.names = OutputTables.names(sheet, heads);
        for (int column = 0; column < sheet.columns(); column++) {
            if (column == 0 || kept.get(column)) {
                columns.add(column);
            }
        }
        this.labels = columns.size() > 2 && !holdsNumbers(columns.get(1)) ? 2 : 1;
    }

    /** The sheet that holds means, otherwise the largest. */
    static Sheet sheet(List<Sheet> sheets, Sheet largest) {
        for (Sheet each : sheets) {
            int heads = OutputTables.heads(each, Numeral.commas(each));
            if (OutputTables.names(each, heads).stream().anyMatch(name -> OutputColumn.of(name) == OutputColumn.MEAN)) {
                return each;
            }
        }
        return largest;
    }

    /** @param kept whether each column is drawn */
    static Means of(Sheet sheet, List<Boolean> kept) {
        return new PrintedMeans(sheet, kept).read();
    }

    private boolean holdsNumbers(int column) {
        return body().stream().anyMatch(row -> Numeral.of(row.get(column), commas) != null);
    }

    private List<List<String>> body() {
        return sheet.rows()
                .subList(Math.min(heads, sheet.rows().size()), sheet.rows().size());
    }

    /** Columns that tell of one number: the number itself, and how it spreads. */
    private record Column(String name, int value, Map<OutputColumn, Integer> beside) {}

    private List<Column> told() {
        List<Integer> rest = columns.subList(labels, columns.size());
        boolean means = rest.stream().anyMatch(column -> OutputColumn.of(names.get(column)) == OutputColumn.MEAN);
        List<Column> out = new ArrayList<>();
        Map<OutputColumn, Integer> before = new LinkedHashMap<>();
        for (int column : rest) {
            OutputColumn output = OutputColumn.of(names.get(column));
            if (!means) {
                if (holdsNumbers(column)) {
                    out.add(new Column(names.get(column), column, Map.of()));
                }
            } else if (output == OutputColumn.MEAN) {
                out.add(new Column(spanner(column), column, before));
                before = new LinkedHashMap<>();
            } else if (output == OutputColumn.COUNT && !isOfLast(column, out)) {
                before.put(output, column);
            } else if (output != null && !out.isEmpty()) {
                out.get(out.size() - 1).beside.putIfAbsent(output, column);
            }
        }
        return out;
    }

    /** Whether a count stands after the mean it is of: under the same spanner, or with none before the first mean. */
    private boolean isOfLast(int column, List<Column> out) {
        return !out.isEmpty()
                && spanner(column).equals(out.get(out.size() - 1).name)
                && !out.get(out.size() - 1).beside.containsKey(OutputColumn.COUNT);
    }

    /** What stands over a column in the row of heads above its name, reaching over empty cells from the left. */
    private String spanner(int column) {
        for (int at = column; heads > 1 && at >= labels; at--) {
            String above = sheet.at(heads - 2, at);
            if (!above.isEmpty()) {
                return above;
            }
        }
        return "";
    }

    private Means read() {
        List<Column> told = told();
        if (told.isEmpty()) {
            throw new UnusableSourceException("No column holds numbers to draw.");
        }
        boolean means = OutputColumn.of(names.get(told.get(0).value)) == OutputColumn.MEAN;
        String by = names.get(0).isEmpty() ? "Measure" : names.get(0);
        String what = means ? "mean" : told.size() == 1 ? Means.decapitalised(told.get(0).name) : "value";
        if (labels == 2) {
            return inner(told.get(0), what, by);
        }
        List<String> categories = new ArrayList<>();
        List<List<@Nullable Mean>> rows = new ArrayList<>();
        told.forEach(each -> rows.add(new ArrayList<>()));
        for (List<String> cells : body()) {
            List<@Nullable Mean> all =
                    told.stream().map(each -> mean(cells, each)).toList();
            if (cells.get(0).isEmpty() || all.stream().allMatch(mean -> mean == null)) {
                continue;
            }
            categories.add(cells.get(0));
            for (int i = 0; i < told.size(); i++) {
                rows.get(i).add(all.get(i));
            }
        }
        List<String> series =
                told.size() == 1 ? List.of("") : told.stream().map(Column::name).toList();
        return new Means(sheet.title(), what, by, "", categories, series, rows, sheet.footers());
    }

    /** Rows that two columns name: the first what is measured, said once for all its rows, the second of whom. */
    private Means inner(Column told, String what, String by) {
        Set<String> outer = new LinkedHashSet<>();
        Set<String> inner = new LinkedHashSet<>();
        Map<List<String>, Mean> found = new LinkedHashMap<>();
        String last = "";
        for (List<String> cells : body()) {
            last = cells.get(0).isEmpty() ? last : cells.get(0);
            Mean mean = mean(cells, told);
            if (mean != null) {
                outer.add(last);
                inner.add(cells.get(columns.get(1)));
                found.putIfAbsent(List.of(last, cells.get(columns.get(1))), mean);
            }
        }
        String within = names.get(columns.get(1));
        boolean alone = outer.size() == 1;
        Set<String> across = alone ? inner : outer;
        Set<String> apart = alone ? Set.of("") : inner;
        List<List<@Nullable Mean>> rows = new ArrayList<>();
        for (String series : apart) {
            List<@Nullable Mean> row = new ArrayList<>();
            for (String category : across) {
                row.add(found.get(alone ? List.of(outer.iterator().next(), category) : List.of(category, series)));
            }
            rows.add(row);
        }
        String measured = alone && what.equals("mean")
                ? "mean " + Means.decapitalised(outer.iterator().next())
                : what;
        String name = alone ? within.isEmpty() ? "Group" : within : by;
        // A program's own name of its output is no title for a figure.
        return new Means(
                "",
                measured,
                name,
                alone ? "" : within,
                List.copyOf(across),
                List.copyOf(apart),
                rows,
                sheet.footers());
    }

    private @Nullable Mean mean(List<String> cells, Column told) {
        double value = number(cells, told.value);
        if (Double.isNaN(value)) {
            return null;
        }
        double sem = number(cells, told.beside.getOrDefault(OutputColumn.MEAN_ERROR, -1));
        double error = Double.isNaN(sem) ? number(cells, told.beside.getOrDefault(OutputColumn.ERROR, -1)) : sem;
        double count = number(cells, told.beside.getOrDefault(OutputColumn.COUNT, -1));
        Mean mean = Mean.told(
                value,
                Double.isNaN(count) ? 0 : Math.round(count),
                number(cells, told.beside.getOrDefault(OutputColumn.DEVIATION, -1)),
                error);
        double lower = number(cells, told.beside.getOrDefault(OutputColumn.LOWER, -1));
        double upper = number(cells, told.beside.getOrDefault(OutputColumn.UPPER, -1));
        return Double.isNaN(lower) || Double.isNaN(upper) ? mean : mean.between(lower, upper);
    }

    private double number(List<String> cells, int column) {
        Numeral numeral = column < 0 ? null : Numeral.of(cells.get(column), commas);
        return numeral == null ? Double.NaN : numeral.value();
    }
}
