package grintel.core.table;

import grintel.core.guide.Guide;
import grintel.core.made.UnusableSourceException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Tables of printed tests that have a row an estimate: coefficients of a regression, comparisons after an analysis. */
final class TestTables {
    private static final Pattern DEPENDENT = Pattern.compile("(?i)(?:[a-z]\\.\\s*)?dependent variable:\\s*(.+?)\\.?");
    private static final Pattern ASIDE = Pattern.compile("\\((.+)\\)");
    private static final Pattern FIRST = Pattern.compile("\\(I\\)\\s*(.*)");
    private static final Pattern SECOND = Pattern.compile("\\(J\\)\\s*(.*)");

    private final Forms forms;
    private final NumberForm figure;

    TestTables(Guide guide, boolean asterisks) {
        this.forms = new Forms(guide, asterisks);
        this.figure = forms.figure();
    }

    /** A sheet whose columns are known by name. */
    private record Named(Sheet sheet, boolean commas, int heads, List<String> names) {
        static Named of(Sheet sheet) {
            boolean commas = Numeral.commas(sheet);
            int heads = OutputTables.heads(sheet, commas);
            return new Named(sheet, commas, heads, OutputTables.names(sheet, heads));
        }

        int column(OutputColumn wanted) {
            for (int column = 0; column < names.size(); column++) {
                if (OutputColumn.of(names.get(column)) == wanted) {
                    return column;
                }
            }
            return -1;
        }

        boolean has(OutputColumn wanted) {
            return column(wanted) >= 0;
        }

        List<List<String>> body() {
            return sheet.rows()
                    .subList(Math.min(heads, sheet.rows().size()), sheet.rows().size());
        }

        @Nullable
        Numeral number(List<String> row, OutputColumn wanted) {
            int column = column(wanted);
            return column < 0 ? null : Numeral.of(row.get(column), commas);
        }
    }

    private static @Nullable Named find(List<Sheet> sheets, OutputColumn... wanted) {
        for (Sheet sheet : sheets) {
            Named named = Named.of(sheet);
            if (List.of(wanted).stream().allMatch(named::has)) {
                return named;
            }
        }
        return null;
    }

    // ---- the columns both kinds have

    private List<OutputColumn> estimates(Named named, OutputColumn... order) {
        List<OutputColumn> out = new ArrayList<>();
        for (OutputColumn column : order) {
            if (named.has(column)) {
                out.add(column);
            }
        }
        return out;
    }

    private List<String> heads(String stub, List<OutputColumn> columns, boolean interval) {
        List<String> out = new ArrayList<>(List.of(stub));
        for (OutputColumn column : columns) {
            out.add(column.isSlanted() ? figure.symbol(column.symbol()) : column.symbol());
        }
        if (interval) {
            out.add(Forms.INTERVAL);
        }
        return out;
    }

    private List<String> cells(
            Named named, List<String> row, String name, List<OutputColumn> columns, boolean interval) {
        List<String> out = new ArrayList<>(List.of(name));
        Numeral p = named.number(row, OutputColumn.P);
        for (OutputColumn column : columns) {
            Numeral number = named.number(row, column);
            out.add(number == null ? "" : told(column, number, column == columns.get(0) ? p : null));
        }
        if (interval) {
            Numeral lower = named.number(row, OutputColumn.LOWER);
            Numeral upper = named.number(row, OutputColumn.UPPER);
            out.add(lower == null || upper == null ? "" : forms.interval(lower.value(), upper.value()));
        }
        return out;
    }

    private String told(OutputColumn column, Numeral number, @Nullable Numeral marking) {
        return switch (column) {
            case P -> figure.probability(number.least());
            case BETA -> figure.bounded(number.value(), 2);
            case DEGREES -> figure.degrees(number.value());
            default -> {
                String plain = figure.number(number.value());
                yield marking == null ? plain : forms.marked(plain, marking.least());
            }
        };
    }

    private MadeTable table(
            String title,
            List<String> heads,
            List<List<String>> rows,
            List<String> notes,
            List<Double> chances,
            String report) {
        if (rows.isEmpty()) {
            throw new UnusableSourceException("No row holds an estimate. Paste the table as a whole.");
        }
        List<String> all = new ArrayList<>(notes);
        forms.addAsterisks(all, chances);
        return new MadeTable(title, MadeTable.plainHeads(heads), rows, all, report);
    }

    // ---- coefficients of a regression

    static boolean isOfCoefficients(List<Sheet> sheets) {
        return coefficientsOf(sheets) != null;
    }

    private static @Nullable Named coefficientsOf(List<Sheet> sheets) {
        Named named = find(sheets, OutputColumn.B, OutputColumn.ERROR, OutputColumn.P);
        return named != null && named.column(OutputColumn.B) > 0 && !named.has(OutputColumn.DIFFERENCE) ? named : null;
    }

    /** A row a predictor, under the number of its model where there are several; how the model fits in the note. */
    MadeTable coefficients(List<Sheet> sheets) {
        Named named = Objects.requireNonNull(coefficientsOf(sheets), "no coefficients");
        List<OutputColumn> columns =
                estimates(named, OutputColumn.B, OutputColumn.ERROR, OutputColumn.BETA, OutputColumn.T, OutputColumn.P);
        boolean interval = named.has(OutputColumn.LOWER) && named.has(OutputColumn.UPPER);
        int estimate = named.column(OutputColumn.B);
        long models = named.body().stream()
                .filter(row -> estimate > 1 && !row.get(0).isEmpty())
                .count();
        List<List<String>> rows = new ArrayList<>();
        List<Double> chances = new ArrayList<>();
        for (List<String> row : named.body()) {
            if (named.number(row, OutputColumn.B) == null) {
                continue;
            }
            if (models > 1 && !row.get(0).isEmpty()) {
                List<String> model = new ArrayList<>(List.of("Model " + row.get(0)));
                while (model.size() < columns.size() + (interval ? 2 : 1)) {
                    model.add("");
                }
                rows.add(model);
            }
            rows.add(cells(named, row, bare(label(row, estimate)), columns, interval));
            Numeral p = named.number(row, OutputColumn.P);
            if (p != null) {
                chances.add(p.least());
            }
        }
        String dependent = dependent(named.sheet());
        String fit = models > 1 ? "" : fit(sheets);
        return table(
                dependent.isEmpty() ? "Coefficients of the Regression" : "Predictors of " + dependent,
                heads("Predictor", columns, interval),
                rows,
                fit.isEmpty() ? List.of() : List.of(fit + "."),
                chances,
                fit);
    }

    /** The last words before a column. */
    private static String label(List<String> row, int column) {
        for (int at = column - 1; at >= 0; at--) {
            if (!row.get(at).isEmpty()) {
                return row.get(at);
            }
        }
        return "";
    }

    private static String bare(String label) {
        Matcher aside = ASIDE.matcher(label);
        return aside.matches() ? aside.group(1) : label;
    }

    private static String dependent(Sheet sheet) {
        for (String footer : sheet.footers()) {
            Matcher named = DEPENDENT.matcher(footer);
            if (named.matches()) {
                return named.group(1);
            }
        }
        return "";
    }

    /** How well a single model fits, from what else was printed: {@code R² = .42, F(2, 57) = 20.61, p < .001}. */
    private String fit(List<Sheet> sheets) {
        List<String> out = new ArrayList<>();
        for (Sheet sheet : sheets) {
            Named named = Named.of(sheet);
            for (int column = 0; column < named.names().size(); column++) {
                String name = named.names().get(column).toLowerCase(Locale.ROOT);
                Numeral value = named.body().isEmpty()
                        ? null
                        : Numeral.of(named.body().get(0).get(column), named.commas());
                if (value != null && name.matches("r[ -]?squared?|r2|r²")) {
                    out.add(figure.symbol("R") + "² = " + figure.bounded(value.value(), 2));
                }
            }
        }
        Named test = find(sheets, OutputColumn.F, OutputColumn.DEGREES, OutputColumn.P);
        if (test != null && test.body().size() > 1) {
            Numeral f = test.number(test.body().get(0), OutputColumn.F);
            Numeral p = test.number(test.body().get(0), OutputColumn.P);
            Numeral between = test.number(test.body().get(0), OutputColumn.DEGREES);
            Numeral within = test.number(test.body().get(1), OutputColumn.DEGREES);
            if (f != null && p != null && between != null && within != null) {
                out.add(figure.symbol("F") + "(" + figure.degrees(between.value()) + ", "
                        + figure.degrees(within.value()) + ") = " + figure.number(f.value()) + ", "
                        + figure.said(p.least()));
            }
        }
        return String.join(", ", out);
    }

    // ---- comparisons after an analysis of variance

    static boolean isOfComparisons(List<Sheet> sheets) {
        return comparisonsOf(sheets) != null;
    }

    private static @Nullable Named comparisonsOf(List<Sheet> sheets) {
        Named named = find(sheets, OutputColumn.DIFFERENCE, OutputColumn.P);
        return named != null && named.column(OutputColumn.DIFFERENCE) > 0 && !named.has(OutputColumn.T) ? named : null;
    }

    /** A row a pair of groups; of a pair that is printed both ways round, the first. */
    MadeTable comparisons(List<Sheet> sheets) {
        Named named = Objects.requireNonNull(comparisonsOf(sheets), "no comparisons");
        List<OutputColumn> columns = estimates(named, OutputColumn.DIFFERENCE, OutputColumn.ERROR, OutputColumn.P);
        boolean interval = named.has(OutputColumn.LOWER) && named.has(OutputColumn.UPPER);
        int difference = named.column(OutputColumn.DIFFERENCE);
        boolean apart = difference > 1
                && SECOND.matcher(named.names().get(difference - 1)).matches();
        String group = "";
        Set<Set<String>> seen = new HashSet<>();
        List<List<String>> rows = new ArrayList<>();
        List<Double> chances = new ArrayList<>();
        for (List<String> row : named.body()) {
            if (apart && !row.get(difference - 2).isEmpty()) {
                group = row.get(difference - 2);
            }
            String other = row.get(difference - 1);
            Numeral p = named.number(row, OutputColumn.P);
            if (p == null
                    || named.number(row, OutputColumn.DIFFERENCE) == null
                    || apart && !seen.add(Set.of(group, other))) {
                continue;
            }
            rows.add(cells(named, row, apart ? group + " – " + other : other, columns, interval));
            chances.add(p.least());
        }
        String by = apart ? sorting(named.names().get(difference - 2)) : "";
        String dependent = dependent(named.sheet());
        return table(
                "Comparisons Between Groups" + (dependent.isEmpty() ? "" : " in " + dependent),
                heads(by.isEmpty() ? "Comparison" : by, columns, interval),
                rows,
                List.of(),
                chances,
                "");
    }

    private static String sorting(String head) {
        Matcher first = FIRST.matcher(head);
        return first.matches() ? first.group(1) : "";
    }
}
