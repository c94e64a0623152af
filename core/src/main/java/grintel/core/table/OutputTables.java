package grintel.core.table;

import grintel.core.guide.Guide;
import grintel.core.made.UnusableSourceException;
import grintel.core.table.MadeTable.Head;
import grintel.core.table.statistics.Sample;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Tables made of what a program of statistics printed, or of any other cells. */
final class OutputTables {
    private static final double LEVEL = 0.05;
    private static final Pattern SYMBOL = Pattern.compile("(?<![\\p{L}_])(?:[nNMptrFdV]|SD|SEM?|df|Mdn)(?= [=<>≤≥] )");

    private final Guide guide;
    private final Forms forms;
    private final NumberForm figure;
    private final boolean intervals;
    private final @Nullable Boolean equalVariances;
    private String reason = "";

    OutputTables(Guide guide, TableMaker.Wish wish) {
        this.guide = guide;
        this.intervals = wish.intervals();
        this.forms = new Forms(guide, wish.asterisks());
        this.figure = forms.figure();
        this.equalVariances = wish.equalVariances();
    }

    String reason() {
        return reason;
    }

    // ---- heads

    /** The rows at the top that name columns: all before the first that holds a number beside its first cell. */
    static int heads(Sheet sheet, boolean commas) {
        for (int row = 0; row < sheet.rows().size(); row++) {
            List<String> cells = sheet.rows().get(row);
            for (int column = 1; column < cells.size(); column++) {
                if (Numeral.of(cells.get(column), commas) != null) {
                    return Math.max(1, row);
                }
            }
        }
        return 1;
    }

    /** The lowest name over each column. */
    static List<String> names(Sheet sheet, int heads) {
        List<String> out = new ArrayList<>();
        for (int column = 0; column < sheet.columns(); column++) {
            String name = "";
            for (int row = Math.min(heads, sheet.rows().size()) - 1; row >= 0 && name.isEmpty(); row--) {
                name = sheet.at(row, column);
            }
            out.add(name);
        }
        return out;
    }

    // ---- any cells

    /**
     * The cells as they are, heads and numbers in the guide's form.
     *
     * @param kept whether each column is
     */
    MadeTable plain(Sheet sheet, List<Boolean> kept) {
        boolean commas = Numeral.commas(sheet);
        int heads = heads(sheet, commas);
        List<String> names = names(sheet, heads);
        List<Integer> columns = new ArrayList<>();
        for (int column = 0; column < sheet.columns(); column++) {
            if (column == 0 || kept.get(column)) {
                columns.add(column);
            }
        }
        List<String> words = new ArrayList<>();
        for (int column : columns) {
            OutputColumn output = column == 0 ? null : OutputColumn.of(names.get(column));
            String name = names.get(column);
            words.add(
                    output == null || output.symbol().isEmpty()
                            ? name
                            : output.isSlanted() ? figure.symbol(output.symbol()) : output.symbol());
        }
        List<List<Head>> over = new ArrayList<>();
        List<Head> spanners = spanners(sheet, heads, columns);
        if (spanners.stream().anyMatch(head -> head.span() > 1)) {
            over.add(spanners);
        }
        over.add(words.stream().map(Head::of).toList());
        List<List<String>> rows = new ArrayList<>();
        for (List<String> cells : sheet.rows()
                .subList(Math.min(heads, sheet.rows().size()), sheet.rows().size())) {
            List<String> row = new ArrayList<>();
            for (int column : columns) {
                row.add(
                        column == 0
                                ? cells.get(0)
                                : cell(cells.get(column), OutputColumn.of(names.get(column)), commas));
            }
            rows.add(row);
        }
        if (rows.isEmpty()) {
            throw new UnusableSourceException("There is one row only; a table has heads and rows under them.");
        }
        return new MadeTable(
                sheet.title(),
                over,
                rows,
                sheet.footers().stream().map(this::slanted).toList(),
                "");
    }

    /** The names that stand over several columns, where the upper row of heads has some. */
    private List<Head> spanners(Sheet sheet, int heads, List<Integer> columns) {
        List<Head> out = new ArrayList<>();
        int reach = heads < 2 ? 0 : reach(sheet, heads, columns);
        for (int at = 0; at < columns.size(); at++) {
            String above = heads < 2 ? "" : sheet.at(heads - 2, columns.get(at));
            boolean own = heads < 2 || sheet.at(heads - 1, columns.get(at)).isEmpty();
            if (above.isEmpty()
                    && at > 1
                    && heads > 1
                    && !out.isEmpty()
                    && !out.get(out.size() - 1).words().isEmpty()
                    && out.get(out.size() - 1).span() < reach) {
                Head last = out.remove(out.size() - 1);
                out.add(new Head(last.words(), last.span() + 1));
            } else {
                out.add(Head.of(own ? "" : slanted(above)));
            }
        }
        return out;
    }

    /** How many columns a spanner stands over at the most: as many as the first, where the names under it come again. */
    private int reach(Sheet sheet, int heads, List<Integer> columns) {
        List<String> names = names(sheet, heads);
        int first = -1;
        for (int at = 1; at < columns.size(); at++) {
            if (!sheet.at(heads - 2, columns.get(at)).isEmpty()) {
                if (first >= 0) {
                    int reach = at - first;
                    boolean again = at + reach <= columns.size();
                    for (int i = 0; again && i < reach; i++) {
                        again = names.get(columns.get(first + i)).equals(names.get(columns.get(at + i)));
                    }
                    return again ? reach : columns.size();
                }
                first = at;
            }
        }
        return columns.size();
    }

    /** Words whose symbols before a sign of comparison are slanted as the guide wants it. */
    private String slanted(String words) {
        return SYMBOL.matcher(words).replaceAll(found -> figure.symbol(found.group()));
    }

    private String cell(String cell, @Nullable OutputColumn output, boolean commas) {
        Numeral numeral = Numeral.of(cell, commas);
        if (numeral == null || output == null) {
            return commas && numeral != null && numeral.places() > 0
                    ? figure.number(numeral.value(), numeral.places()) + numeral.marks()
                    : cell;
        }
        String marks = numeral.marks().startsWith("*") ? numeral.marks() : "";
        return switch (output) {
            case COUNT -> figure.number(numeral.value(), 0);
            case DEGREES -> figure.degrees(Math.round(numeral.value() * 1000) / 1000.0);
            case P -> figure.probability(numeral.least());
            case R, BETA -> figure.bounded(numeral.value(), 2) + marks;
            case PERCENT -> figure.number(numeral.value(), 1);
            default -> figure.number(numeral.value()) + marks;
        };
    }

    // ---- two groups compared

    /** Whether two of these sheets are the figures of two groups and the test of their difference. */
    static boolean isOfGroups(List<Sheet> sheets) {
        return figures(sheets) != null && test(sheets) != null;
    }

    private static @Nullable Sheet figures(List<Sheet> sheets) {
        for (Sheet sheet : sheets) {
            Map<OutputColumn, Integer> columns = columns(sheet);
            if (columns.containsKey(OutputColumn.COUNT)
                    && columns.containsKey(OutputColumn.MEAN)
                    && columns.containsKey(OutputColumn.DEVIATION)) {
                return sheet;
            }
        }
        return null;
    }

    private static @Nullable Sheet test(List<Sheet> sheets) {
        for (Sheet sheet : sheets) {
            Map<OutputColumn, Integer> columns = columns(sheet);
            if (columns.containsKey(OutputColumn.T)
                    && columns.containsKey(OutputColumn.DEGREES)
                    && sheet.rows().stream()
                            .anyMatch(row -> row.stream()
                                    .anyMatch(cell ->
                                            PrintedNames.EQUAL.matcher(cell).find()))) {
                return sheet;
            }
        }
        return null;
    }

    /** The first column of each name. */
    private static Map<OutputColumn, Integer> columns(Sheet sheet) {
        List<String> names = names(sheet, heads(sheet, Numeral.commas(sheet)));
        Map<OutputColumn, Integer> out = new HashMap<>();
        for (int column = 0; column < names.size(); column++) {
            OutputColumn output = OutputColumn.of(names.get(column));
            if (output != null) {
                out.putIfAbsent(output, column);
            }
        }
        return out;
    }

    MadeTable groups(List<Sheet> sheets) {
        Sheet figures = figures(sheets);
        Sheet test = test(sheets);
        if (figures == null || test == null) {
            throw new UnusableSourceException(
                    "The figures of the groups and the test of their difference are both needed.");
        }
        List<Comparison.Side> sides = sides(figures);
        List<Test> equal = new ArrayList<>();
        List<Test> unequal = new ArrayList<>();
        readTests(test, equal, unequal);
        int measures = Math.min(sides.size() / 2, equal.size());
        if (measures == 0) {
            throw new UnusableSourceException(
                    "The figures of two groups could not be read. Paste both tables as a whole.");
        }
        List<Comparison> all = new ArrayList<>();
        int welch = 0;
        for (int i = 0; i < measures; i++) {
            Test assumed = equal.get(i);
            boolean other = i < unequal.size() && (equalVariances == null ? assumed.levene < LEVEL : !equalVariances);
            welch += other ? 1 : 0;
            Test taken = other ? unequal.get(i) : assumed;
            Comparison.Side first = sides.get(2 * i);
            Comparison.Side second = sides.get(2 * i + 1);
            all.add(new Comparison(
                    assumed.name,
                    first,
                    second,
                    taken.t,
                    taken.df,
                    taken.p,
                    Comparison.cohen(first, second),
                    taken.interval));
        }
        reason = equalVariances != null
                ? "The variances are taken for " + (equalVariances ? "equal" : "unequal") + ", as you chose."
                : welch == 0
                        ? "The check of equal variances is not below .05; the row that assumes them stands."
                        : welch == measures
                                ? "The check of equal variances is below .05; the row that does not assume them stands."
                                : "The check of equal variances decided measure by measure at .05 which row stands.";
        List<String> notes = welch == 0
                ? List.of()
                : List.of("Degrees of freedom with decimals are adjusted for unequal variances.");
        String title = all.size() == 1 ? "Comparison of Groups in " + all.get(0).name() : "Comparison of Groups";
        return forms.compared(title, all, notes, intervals);
    }

    private static List<Comparison.Side> sides(Sheet figures) {
        boolean commas = Numeral.commas(figures);
        Map<OutputColumn, Integer> columns = columns(figures);
        int count = columns.getOrDefault(OutputColumn.COUNT, 0);
        List<Comparison.Side> out = new ArrayList<>();
        for (List<String> row : figures.rows()) {
            Numeral n = Numeral.of(row.get(count), commas);
            Numeral mean = Numeral.of(row.get(columns.getOrDefault(OutputColumn.MEAN, 0)), commas);
            Numeral sd = Numeral.of(row.get(columns.getOrDefault(OutputColumn.DEVIATION, 0)), commas);
            if (n != null && mean != null && sd != null) {
                out.add(new Comparison.Side(
                        row.get(Math.max(0, count - 1)), (int) n.value(), mean.value(), sd.value()));
            }
        }
        return out;
    }

    private record Test(
            String name, double levene, double t, double df, double p, Sample.@Nullable Interval interval) {}

    private static void readTests(Sheet sheet, List<Test> equal, List<Test> unequal) {
        boolean commas = Numeral.commas(sheet);
        List<String> names = names(sheet, heads(sheet, commas));
        int t = index(names, OutputColumn.T, 0);
        int df = index(names, OutputColumn.DEGREES, t);
        int p = index(names, OutputColumn.P, df);
        int levene = index(names, OutputColumn.P, 0);
        String name = "Measure";
        for (List<String> row : sheet.rows()) {
            String all = String.join(" ", row);
            if (PrintedNames.EQUAL.matcher(all).find()
                    || PrintedNames.UNEQUAL.matcher(all).find()) {
                if (!row.get(0).isEmpty()
                        && !PrintedNames.EQUAL.matcher(row.get(0)).find()
                        && !PrintedNames.UNEQUAL.matcher(row.get(0)).find()) {
                    name = row.get(0);
                }
                boolean not = PrintedNames.UNEQUAL.matcher(all).find();
                Test read = new Test(
                        name,
                        not || levene >= t ? Double.NaN : value(row.get(levene), commas),
                        value(row.get(t), commas),
                        value(row.get(df), commas),
                        value(row.get(p), commas),
                        interval(row, names, p, commas));
                (not ? unequal : equal).add(read);
            }
        }
    }

    /** The interval that is printed after the test, null where there is none. */
    private static Sample.@Nullable Interval interval(List<String> row, List<String> names, int from, boolean commas) {
        int lower = -1;
        int upper = -1;
        for (int column = from; column < names.size(); column++) {
            lower = OutputColumn.of(names.get(column)) == OutputColumn.LOWER ? column : lower;
            upper = OutputColumn.of(names.get(column)) == OutputColumn.UPPER ? column : upper;
        }
        return lower < 0 || upper < 0
                ? null
                : new Sample.Interval(value(row.get(lower), commas), value(row.get(upper), commas));
    }

    private static int index(List<String> names, OutputColumn wanted, int from) {
        for (int column = from; column < names.size(); column++) {
            if (OutputColumn.of(names.get(column)) == wanted) {
                return column;
            }
        }
        throw new UnusableSourceException(
                "The test has no column for " + wanted.symbol() + ". Paste both tables as a whole.");
    }

    private static double value(String cell, boolean commas) {
        Numeral numeral = Numeral.of(cell, commas);
        if (numeral == null) {
            throw new UnusableSourceException(
                    "“" + cell + "” stands where a number should. Paste both tables as a whole.");
        }
        return numeral.least();
    }

    // ---- correlations

    /** Whether a sheet is a square of correlations with their probabilities. */
    static boolean isOfCorrelations(Sheet sheet) {
        return sheet.columns() > 3
                && sheet.rows().stream()
                                .filter(row -> PrintedNames.CORRELATION
                                        .matcher(row.get(1))
                                        .matches())
                                .count()
                        > 1;
    }

    MadeTable correlations(Sheet sheet) {
        boolean commas = Numeral.commas(sheet);
        List<String> names = new ArrayList<>();
        List<List<String>> values = new ArrayList<>();
        List<List<String>> chances = new ArrayList<>();
        double most = 0;
        for (List<String> row : sheet.rows()) {
            String told = row.get(1).toLowerCase(Locale.ROOT);
            List<String> rest = row.subList(2, row.size());
            if (PrintedNames.CORRELATION.matcher(told).matches()) {
                names.add(row.get(0));
                values.add(rest);
            } else if (PrintedNames.PROBABILITY.matcher(told).matches()) {
                chances.add(rest);
            } else if (told.equals("n")) {
                for (String cell : rest) {
                    Numeral n = Numeral.of(cell, commas);
                    most = n == null ? most : Math.max(most, n.value());
                }
            }
        }
        int k = names.size();
        double[][] r = new double[k][k];
        double[][] p = new double[k][k];
        for (int i = 0; i < k; i++) {
            for (int j = 0; j < i; j++) {
                if (j >= values.get(i).size()) {
                    throw new UnusableSourceException("The square of correlations is not whole. Paste all of it.");
                }
                r[i][j] = value(values.get(i).get(j).replaceAll("\\*+$", ""), commas);
                p[i][j] = i < chances.size()
                                && j < chances.get(i).size()
                                && !chances.get(i).get(j).isEmpty()
                        ? value(chances.get(i).get(j), commas)
                        : 1;
            }
        }
        List<String> notes = most > 0
                ? List.of(new NumberForm(guide).symbol("N") + " = " + new NumberForm(guide).number(most, 0) + ".")
                : List.of();
        return forms.correlated("Correlations of All Measures", names, r, p, List.of(), notes);
    }
}
