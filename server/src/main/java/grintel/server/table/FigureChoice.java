package grintel.server.table;

import grintel.core.chart.Chart;
import grintel.core.chart.Chart.Mark;
import grintel.core.chart.MadeFigure;
import grintel.server.problem.Problem;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A figure in the guide's form, as it is shown and edited. Words between low lines are slanted.
 *
 * @param alternative what it shows, for those who do not see it
 */
public record FigureChoice(
        @Nullable String title,
        @Nullable ChartChoice chart,
        @Nullable List<String> notes,
        @Nullable String alternative) {

    /** As it is sent to the page. */
    public static FigureChoice of(MadeFigure figure) {
        return new FigureChoice(figure.title(), ChartChoice.of(figure.chart()), figure.notes(), figure.alternative());
    }

    /** The figure; refused where its numbers make no chart. */
    public MadeFigure read() {
        try {
            return new MadeFigure(
                    TableChoice.tidy(title),
                    Objects.requireNonNullElse(chart, ChartChoice.NONE).read(),
                    Objects.requireNonNullElse(notes, List.<String>of()).stream()
                            .map(TableChoice::tidy)
                            .filter(note -> !note.isEmpty())
                            .toList(),
                    TableChoice.tidy(alternative));
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("The numbers of the figure do not make a chart.");
        }
    }

    /**
     * A chart. Bars and points have categories and series, a scatter plot pairs of x and y.
     *
     * @param mark bars, points or scatter
     * @param intercept of the line through a scatter plot, null for none
     */
    public record ChartChoice(
            String mark,
            @Nullable String across,
            @Nullable String up,
            @Nullable List<String> categories,
            @Nullable List<SeriesChoice> series,
            @Nullable List<Double> x,
            @Nullable List<Double> y,
            @Nullable Double intercept,
            @Nullable Double slope) {
        private static final int MOST_PAIRS = 5_000;
        private static final ChartChoice NONE = new ChartChoice("bars", null, null, null, null, null, null, null, null);

        static ChartChoice of(Chart chart) {
            if (chart instanceof Chart.Scatter scatter) {
                Chart.Line line = scatter.line();
                return new ChartChoice(
                        "scatter",
                        scatter.across(),
                        scatter.up(),
                        null,
                        null,
                        scatter.x(),
                        scatter.y(),
                        line == null ? null : line.intercept(),
                        line == null ? null : line.slope());
            }
            Chart.Columns columns = (Chart.Columns) chart;
            return new ChartChoice(
                    TableViews.id(columns.mark()),
                    columns.across(),
                    columns.up(),
                    columns.categories(),
                    columns.series().stream().map(SeriesChoice::of).toList(),
                    null,
                    null,
                    null,
                    null);
        }

        Chart read() {
            String acrossWords = TableChoice.tidy(across);
            String upWords = TableChoice.tidy(up);
            if (mark.equals("scatter")) {
                List<Double> xs = Objects.requireNonNullElse(x, List.of());
                if (xs.size() > MOST_PAIRS) {
                    throw Problem.badRequest("A scatter plot has at most 5,000 points.");
                }
                Chart.Line line = intercept == null || slope == null ? null : new Chart.Line(intercept, slope);
                return new Chart.Scatter(acrossWords, upWords, xs, Objects.requireNonNullElse(y, List.of()), line);
            }
            Mark read = TableViews.word(Mark.class, mark);
            return new Chart.Columns(
                    read == null ? Mark.BARS : read,
                    acrossWords,
                    upWords,
                    Objects.requireNonNullElse(categories, List.<String>of()).stream()
                            .map(TableChoice::tidy)
                            .toList(),
                    Objects.requireNonNullElse(series, List.<SeriesChoice>of()).stream()
                            .map(SeriesChoice::read)
                            .toList());
        }
    }

    /** Numbers of one kind, one a category; null where there is none. */
    public record SeriesChoice(
            @Nullable String name,
            @Nullable List<@Nullable Double> values,
            @Nullable List<Double> reaches) {
        static SeriesChoice of(Chart.Series series) {
            return new SeriesChoice(series.name(), series.values(), series.reaches());
        }

        Chart.Series read() {
            return new Chart.Series(
                    TableChoice.tidy(name),
                    Objects.requireNonNullElse(values, List.<@Nullable Double>of()),
                    Objects.requireNonNullElse(reaches, List.of()));
        }
    }
}
