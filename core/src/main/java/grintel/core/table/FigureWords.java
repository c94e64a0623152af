package grintel.core.table;

import grintel.core.chart.Chart;
import grintel.core.chart.MadeFigure;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.CaseStyle;
import grintel.core.guide.demand.Casing;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.language.TitleCase;
import grintel.core.made.Slanted;
import grintel.core.table.FigureMaker.Spread;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** The words of a made figure as they are proposed: title, names of the axes, notes, the text alternative. */
final class FigureWords {
    private static final int MOST_TOLD = 24;

    private final NumberForm numbers;
    private final CaseStyle style;
    private final boolean sentence;

    FigureWords(Guide guide) {
        this.numbers = new NumberForm(guide);
        this.style = guide.titleCase();
        CaptionForm form = guide.ask("figures.title").find(FigureDemands.TITLE);
        this.sentence = form != null && form.casing() == Casing.SENTENCE;
    }

    private String titled(String words) {
        return TitleCase.of(words, style);
    }

    private String title(String words) {
        return sentence ? capitalised(words) : titled(words);
    }

    private static String capitalised(String words) {
        return words.isEmpty() ? "" : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    // ---- by category

    MadeFigure ofMeans(Means means, Chart.Mark mark, Spread spread) {
        Chart.Columns chart = means.chart(mark, titled(means.by()), titled(means.what()), spread);
        String subject = means.what().equals("mean")
                ? "means" + by(means)
                : means.what().equals("number") ? "numbers" + by(means) : means.what() + by(means);
        List<String> notes = new ArrayList<>();
        String general = (spread(chart, spread) + " " + counts(means)).strip();
        if (!general.isEmpty()) {
            notes.add(general);
        }
        notes.addAll(means.notes());
        return new MadeFigure(
                means.title().isEmpty() ? title(subject) : title(means.title()),
                chart,
                notes,
                (mark == Chart.Mark.BARS ? "Bar chart of " : "Line chart of ") + subject + ": " + told(chart) + ".");
    }

    private static String by(Means means) {
        String by = " by " + Means.decapitalised(means.by());
        return means.within().isEmpty() ? by : by + " and " + Means.decapitalised(means.within());
    }

    private static String spread(Chart.Columns chart, Spread spread) {
        if (!chart.reaches()) {
            return "";
        }
        return switch (spread) {
            case INTERVAL -> "Error bars show 95% confidence intervals of the means.";
            case ERROR -> "Error bars show standard errors of the means.";
            case DEVIATION -> "Error bars show standard deviations.";
            case NONE -> "";
        };
    }

    private String counts(Means means) {
        List<Long> all = means.rows().stream()
                .flatMap(List::stream)
                .filter(Objects::nonNull)
                .map(Mean::n)
                .toList();
        long least = all.stream().mapToLong(Long::longValue).min().orElse(0);
        long most = all.stream().mapToLong(Long::longValue).max().orElse(0);
        if (least == 0) {
            return "";
        }
        String n = numbers.symbol("n") + " = ";
        if (least == most) {
            return n + least + (all.size() == 1 ? "." : " for each mean.");
        }
        if (means.series().size() > 1 || all.size() < means.categories().size()) {
            return n + least + " to " + most + ".";
        }
        StringBuilder out = new StringBuilder(n);
        for (int i = 0; i < all.size(); i++) {
            out.append(i == 0 ? "" : i == all.size() - 1 ? " and " : ", ")
                    .append(all.get(i))
                    .append(" (")
                    .append(means.categories().get(i))
                    .append(")");
        }
        return out.append('.').toString();
    }

    /** The numbers that a chart shows; of many, the least and the most. */
    private String told(Chart.Columns chart) {
        List<String> all = new ArrayList<>();
        List<Double> values = new ArrayList<>();
        for (Chart.Series series : chart.series()) {
            for (int i = 0; i < chart.categories().size(); i++) {
                Double value = series.values().get(i);
                if (value != null) {
                    String name = chart.categories().get(i);
                    all.add((series.name().isEmpty() ? name : series.name() + ", " + name) + " " + number(value));
                    values.add(value);
                }
            }
        }
        if (all.size() <= MOST_TOLD) {
            return String.join("; ", all);
        }
        int least = 0;
        int most = 0;
        for (int i = 1; i < values.size(); i++) {
            least = values.get(i) < values.get(least) ? i : least;
            most = values.get(i) > values.get(most) ? i : most;
        }
        return all.size() + " values from " + all.get(least) + " to " + all.get(most);
    }

    private String number(double value) {
        return value == Math.rint(value) ? numbers.number(value, 0) : numbers.number(value);
    }

    // ---- by pairs

    MadeFigure ofPairs(Pairs pairs, boolean line) {
        String across = pairs.across().name();
        String up = pairs.up().name();
        String r = numbers.symbol("r") + " = "
                + numbers.bounded(pairs.correlation().r(), 2);
        String n = numbers.symbol("N") + " = " + pairs.correlation().n();
        Chart.Scatter chart = new Chart.Scatter(
                titled(across), titled(up), pairs.across().values(), pairs.up().values(), line ? pairs.line() : null);
        double slope = pairs.line().slope();
        String way = slope == 0 ? "level" : slope > 0 ? "rising" : "falling";
        return new MadeFigure(
                title(Means.decapitalised(up) + " against " + Means.decapitalised(across)),
                chart,
                List.of((line ? "The line is fitted by least squares; " : "") + r + ", " + n + "."),
                "Scatter plot of " + Means.decapitalised(up) + " against " + Means.decapitalised(across) + ", "
                        + pairs.correlation().n() + " points" + (line ? " with a " + way + " line" : "") + " ("
                        + Slanted.plain(r) + ").");
    }
}
