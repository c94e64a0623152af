package grintel.server.table;

import grintel.core.table.FigureMaker;
import grintel.server.table.TableViews.TableColumnView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked of figures, and what is answered. */
public final class FigureViews {
    private FigureViews() {}

    /**
     * What to draw of sheets.
     *
     * @param paper whose guide holds, or null where one is named
     * @param kind one of those on offer, null for the likeliest
     * @param roles what each column is for, missing to have it found out
     * @param spread what error bars show, null for the first on offer
     * @param line whether a line goes through a scatter plot
     * @param turned whether the two measures of a scatter plot change their axes
     */
    public record DrawRequest(
            List<SheetChoice> sheets,
            @Nullable UUID paper,
            @Nullable String guide,
            @Nullable String kind,
            @Nullable List<String> roles,
            @Nullable String spread,
            boolean line,
            boolean turned) {
        public FigureMaker.Wish wish() {
            return new FigureMaker.Wish(
                    TableViews.word(FigureMaker.Kind.class, kind),
                    TableViews.roles(roles),
                    TableViews.word(FigureMaker.Spread.class, spread),
                    line,
                    turned);
        }
    }

    /** A figure to be shown on a page, or made a file. */
    public record FigurePageRequest(
            FigureChoice figure,
            @Nullable UUID paper,
            @Nullable String guide,
            int number) {}

    /** What was understood, and the figure made of it. */
    public record MadeFigureView(
            boolean raw,
            String kind,
            List<String> possible,
            String because,
            String spread,
            List<String> spreads,
            List<TableColumnView> columns,
            @Nullable FigureChoice figure,
            List<String> remarks) {
        public static MadeFigureView of(FigureMaker.Result result) {
            return new MadeFigureView(
                    result.raw(),
                    TableViews.id(result.kind()),
                    result.possible().stream().map(TableViews::id).toList(),
                    result.because(),
                    TableViews.id(result.spread()),
                    result.spreads().stream().map(TableViews::id).toList(),
                    result.columns().stream().map(TableColumnView::of).toList(),
                    result.figure() == null ? null : FigureChoice.of(result.figure()),
                    result.remarks());
        }
    }
}
