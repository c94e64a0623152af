package grintel.core.table;

import grintel.core.chart.Chart;
import grintel.core.made.UnusableSourceException;
import grintel.core.table.FigureMaker.Spread;
import grintel.core.table.statistics.Sample;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Numbers by category and series, as a chart shows them.
 *
 * @param what what the numbers are, in small letters
 * @param by what the categories are
 * @param within what the series are, empty for one series
 * @param rows a row a series, a number a category; null where there is none
 * @param notes further paragraphs under the figure
 */
record Means(
        String title,
        String what,
        String by,
        String within,
        List<String> categories,
        List<String> series,
        List<List<@Nullable Mean>> rows,
        List<String> notes) {
    Means {
        if (categories.size() > Chart.Columns.MOST_CATEGORIES) {
            throw new UnusableSourceException("A chart of " + categories.size() + " "
                    + "categories cannot be read; at most " + Chart.Columns.MOST_CATEGORIES
                    + " stand side by side. Leave some out.");
        }
        if (series.size() > Chart.Columns.MOST_SERIES) {
            throw new UnusableSourceException("A chart of " + series.size()
                    + " series cannot be read in greys; at most " + Chart.Columns.MOST_SERIES
                    + " are told apart. Leave some out.");
        }
        if (rows.stream().allMatch(row -> row.stream().allMatch(mean -> mean == null))) {
            throw new UnusableSourceException("There is no number to draw.");
        }
        if (new HashSet<>(categories).size() < categories.size() || new HashSet<>(series).size() < series.size()) {
            throw new UnusableSourceException(
                    "Two rows or two columns have the same name, so that a chart could not tell them apart.");
        }
    }

    /** Means of raw data: of one measure by groups, or of several measures. */
    static Means of(List<Variable> measures, List<Variable> groups, List<String> remarks) {
        Variable first = measures.get(0);
        int shown = measures.size() == 1 ? 2 : 1;
        if (groups.size() > shown) {
            remarks.add("The chart is by "
                    + String.join(
                            " and ",
                            groups.subList(0, shown).stream()
                                    .map(Variable::name)
                                    .toList())
                    + " alone. Leave one out to show another.");
        }
        if (measures.size() > 1 || groups.isEmpty()) {
            Variable group = groups.isEmpty() ? null : groups.get(0);
            List<List<@Nullable Mean>> rows = new ArrayList<>();
            List<String> series = group == null ? List.of("") : group.levels();
            for (String level : series) {
                List<@Nullable Mean> row = new ArrayList<>();
                measures.forEach(
                        measure -> row.add(Mean.of(measure.where(group, level).sample())));
                rows.add(row);
            }
            return new Means(
                    "",
                    measures.size() == 1 ? "mean " + decapitalised(first.name()) : "mean",
                    "Measure",
                    group == null ? "" : group.name(),
                    names(measures),
                    series,
                    rows,
                    List.of());
        }
        Variable by = groups.get(0);
        Variable within = groups.size() > 1 ? groups.get(1) : null;
        List<String> series = within == null ? List.of("") : within.levels();
        List<List<@Nullable Mean>> rows = new ArrayList<>();
        for (String level : series) {
            Map<String, Sample> sorted = first.where(within, level).by(by);
            List<@Nullable Mean> row = new ArrayList<>();
            sorted.values().forEach(sample -> row.add(Mean.of(sample)));
            rows.add(row);
        }
        return new Means(
                "",
                "mean " + decapitalised(first.name()),
                by.name(),
                within == null ? "" : within.name(),
                by.levels(),
                series,
                rows,
                List.of());
    }

    /** How many there are of each group, or of each pair of groups. */
    static Means counted(List<Variable> groups, List<String> remarks) {
        Variable by = groups.get(0);
        Variable within = groups.size() > 1 ? groups.get(1) : null;
        if (groups.size() > 2) {
            remarks.add("The chart counts " + by.name() + " and "
                    + groups.get(1).name() + " alone. Leave one out to show another.");
        }
        List<String> series = within == null ? List.of("") : within.levels();
        List<List<@Nullable Mean>> rows = new ArrayList<>();
        for (String level : series) {
            List<@Nullable Mean> row = new ArrayList<>();
            for (String category : by.levels()) {
                long count = 0;
                for (int i = 0; i < by.cells().size(); i++) {
                    count += by.cells().get(i).equals(category)
                                    && (within == null || within.cells().get(i).equals(level))
                            ? 1
                            : 0;
                }
                row.add(Mean.alone((double) count));
            }
            rows.add(row);
        }
        return new Means(
                "", "number", by.name(), within == null ? "" : within.name(), by.levels(), series, rows, List.of());
    }

    private static List<String> names(List<Variable> all) {
        return all.stream().map(Variable::name).toList();
    }

    /** A name as it stands within a sentence: without its capital, unless there are more of them. */
    static String decapitalised(String name) {
        boolean own = name.length() < 2 || name.substring(1).chars().anyMatch(Character::isUpperCase);
        return own ? name : name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    /** What error bars could show, the most telling first; at the end none. */
    List<Spread> spreads() {
        List<Spread> out = new ArrayList<>();
        for (Spread spread : Spread.values()) {
            boolean known = rows.stream()
                    .anyMatch(row -> row.stream().anyMatch(mean -> mean != null && mean.reach(spread) > 0));
            if (known || spread == Spread.NONE) {
                out.add(spread);
            }
        }
        return out;
    }

    /** The numbers as a chart. */
    Chart.Columns chart(Chart.Mark mark, String across, String up, Spread spread) {
        List<Chart.Series> out = new ArrayList<>();
        for (int i = 0; i < series.size(); i++) {
            List<@Nullable Double> values = new ArrayList<>();
            List<Double> reaches = new ArrayList<>();
            for (Mean mean : rows.get(i)) {
                values.add(mean == null ? null : mean.mean());
                reaches.add(mean == null ? 0.0 : mean.reach(spread));
            }
            out.add(new Chart.Series(series.get(i), values, reaches));
        }
        return new Chart.Columns(mark, across, up, categories, out);
    }
}
