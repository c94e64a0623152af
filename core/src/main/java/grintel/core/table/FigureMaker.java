package grintel.core.table;

import grintel.core.chart.Chart;
import grintel.core.chart.MadeFigure;
import grintel.core.guide.Guide;
import grintel.core.made.UnusableSourceException;
import grintel.core.table.TableMaker.Column;
import grintel.core.table.TableMaker.Role;
import grintel.core.table.statistics.NotComputableException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Makes a figure of the same cells that a table is made of. */
public final class FigureMaker {
    private static final double MOST_TIMES = 2.5;

    private FigureMaker() {}

    /** What a figure shows. */
    public enum Kind {
        /** Means, or numbers as they are, as bars. */
        BARS,
        /** The same as points joined by lines. */
        POINTS,
        /** How many there are of each group. */
        COUNTS,
        /** Two measures, a point a person. */
        SCATTER
    }

    /** What an error bar shows. */
    public enum Spread {
        /** The 95 % confidence interval of the mean, by Student's distribution. */
        INTERVAL,
        /** The standard error of the mean. */
        ERROR,
        DEVIATION,
        NONE
    }

    /**
     * What somebody wants of a figure.
     *
     * @param kind null for the likeliest
     * @param roles one a column, none to have them found out
     * @param spread null for the first there is
     * @param line whether a line goes through the points of a scatter plot
     * @param turned whether the measures of a scatter plot change their axes
     */
    public record Wish(
            @Nullable Kind kind, List<Role> roles, @Nullable Spread spread, boolean line, boolean turned) {
        /** Whatever is likeliest. */
        public static final Wish NONE = new Wish(null, List.of(), null, true, false);

        public Wish {
            roles = List.copyOf(roles);
        }
    }

    /**
     * What was understood and made.
     *
     * @param raw whether it was taken for raw data
     * @param because what the cells are taken for
     * @param spreads what error bars could show; none where there are none
     * @param figure null where it cannot be made, which the remarks tell
     */
    public record Result(
            boolean raw,
            Kind kind,
            List<Kind> possible,
            String because,
            Spread spread,
            List<Spread> spreads,
            List<Column> columns,
            @Nullable MadeFigure figure,
            List<String> remarks) {
        public Result {
            possible = List.copyOf(possible);
            spreads = List.copyOf(spreads);
            columns = List.copyOf(columns);
            remarks = List.copyOf(remarks);
        }
    }

    /** Makes a figure of sheets, of which one at least holds a cell. */
    public static Result make(List<Sheet> sheets, Wish wish, Guide guide) {
        Understood understood = Understood.of(sheets);
        return understood.isRaw()
                ? raw(understood, wish, new FigureWords(guide))
                : printed(PrintedMeans.sheet(sheets, understood.sheet()), understood.remarks(), wish, guide);
    }

    private static Kind kind(Wish wish, List<Kind> possible) {
        return wish.kind() != null && possible.contains(wish.kind()) ? wish.kind() : possible.get(0);
    }

    // ---- raw data

    private static Result raw(Understood understood, Wish wish, FigureWords words) {
        List<Column> columns = understood.columns(wish.roles());
        List<Variable> measures = understood.of(columns, Role.MEASURE);
        List<Variable> groups = understood.of(columns, Role.GROUP);
        List<String> remarks = new ArrayList<>(understood.remarks());
        remarks.addAll(Understood.uncounted(measures));
        List<Kind> possible = possible(measures, groups);
        if (possible.isEmpty()) {
            remarks.add("No column is drawn. Say of one at least that it is a measure or a group.");
            return new Result(
                    true, Kind.BARS, possible, understood.because(), Spread.NONE, List.of(), columns, null, remarks);
        }
        Kind kind = kind(wish, possible);
        boolean ofMeans = kind == Kind.BARS || kind == Kind.POINTS;
        if (ofMeans && wish.roles().isEmpty() && !groups.isEmpty() && !shareAnAxis(measures)) {
            Variable first = measures.get(0);
            remarks.add("Only " + first.name()
                    + " is drawn, since on one axis with larger measures little of it would be seen. Say under Columns"
                    + " what else is to be.");
            columns = columns.stream()
                    .map(each -> each.role() == Role.MEASURE && !each.name().equals(first.name())
                            ? new Column(each.name(), Role.OUT, each.possible())
                            : each)
                    .toList();
            measures = List.of(first);
        }
        List<Variable> drawnOf = measures;
        Drawn drawn = tried(remarks, () -> switch (kind) {
            case SCATTER -> scatter(drawnOf, wish, words, remarks);
            case COUNTS -> counts(groups, words, remarks);
            case BARS, POINTS -> means(Means.of(drawnOf, groups, remarks), kind, wish, words);
        });
        return new Result(
                true,
                kind,
                possible,
                understood.because(),
                drawn.spread,
                drawn.spreads,
                columns,
                drawn.figure,
                remarks);
    }

    /** Whether no mean is several times another. */
    private static boolean shareAnAxis(List<Variable> measures) {
        double[] sizes = measures.stream()
                .map(Variable::sample)
                .filter(sample -> sample.n() > 0)
                .mapToDouble(sample -> Math.abs(sample.mean()))
                .sorted()
                .toArray();
        return sizes.length < 2 || sizes[sizes.length - 1] <= MOST_TIMES * sizes[0];
    }

    private static List<Kind> possible(List<Variable> measures, List<Variable> groups) {
        List<Kind> out = new ArrayList<>();
        if (measures.size() == 2 && groups.isEmpty()) {
            out.add(Kind.SCATTER);
        }
        if (!measures.isEmpty()) {
            out.add(Kind.BARS);
            out.add(Kind.POINTS);
        }
        if (!groups.isEmpty()) {
            out.add(Kind.COUNTS);
        }
        if (measures.size() > 1 && !out.contains(Kind.SCATTER)) {
            out.add(Kind.SCATTER);
        }
        return out;
    }

    /** A figure with what its error bars show and could show. */
    private record Drawn(@Nullable MadeFigure figure, Spread spread, List<Spread> spreads) {
        static Drawn plain(@Nullable MadeFigure figure) {
            return new Drawn(figure, Spread.NONE, List.of());
        }
    }

    private static Drawn tried(List<String> remarks, Supplier<Drawn> making) {
        try {
            return making.get();
        } catch (NotComputableException | UnusableSourceException e) {
            remarks.add(e.getMessage());
            return Drawn.plain(null);
        }
    }

    private static Drawn means(Means means, Kind kind, Wish wish, FigureWords words) {
        List<Spread> spreads = means.spreads();
        Spread spread = wish.spread() != null && spreads.contains(wish.spread()) ? wish.spread() : spreads.get(0);
        Chart.Mark mark = kind == Kind.BARS ? Chart.Mark.BARS : Chart.Mark.POINTS;
        return new Drawn(words.ofMeans(means, mark, spread), spread, spreads);
    }

    private static Drawn counts(List<Variable> groups, FigureWords words, List<String> remarks) {
        return Drawn.plain(words.ofMeans(Means.counted(groups, remarks), Chart.Mark.BARS, Spread.NONE));
    }

    private static Drawn scatter(List<Variable> measures, Wish wish, FigureWords words, List<String> remarks) {
        if (measures.size() > 2) {
            remarks.add("A scatter plot shows two measures: " + measures.get(0).name() + " and "
                    + measures.get(1).name() + ". Leave out what is not to be shown.");
        }
        Variable across = measures.get(wish.turned() ? 1 : 0);
        Variable up = measures.get(wish.turned() ? 0 : 1);
        return Drawn.plain(words.ofPairs(Pairs.of(across, up), wish.line()));
    }

    // ---- printed cells

    private static Result printed(Sheet sheet, List<String> noticed, Wish wish, Guide guide) {
        List<String> remarks = new ArrayList<>(noticed);
        List<Column> columns = Understood.kept(sheet, wish.roles());
        List<Kind> possible = List.of(Kind.BARS, Kind.POINTS);
        Kind kind = kind(wish, possible);
        Drawn drawn = tried(remarks, () -> {
            Means means = PrintedMeans.of(
                    sheet,
                    columns.stream().map(column -> column.role() != Role.OUT).toList());
            return means(means, kind, wish, new FigureWords(guide));
        });
        return new Result(
                false,
                kind,
                possible,
                "Taken for a table as it is: its first column names what is drawn.",
                drawn.spread,
                drawn.spreads,
                columns,
                drawn.figure,
                remarks);
    }
}
