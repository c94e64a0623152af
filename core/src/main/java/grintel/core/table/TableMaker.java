package grintel.core.table;

import grintel.core.guide.Guide;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Understands what came in and makes a table of it, as far as nobody says otherwise. */
public final class TableMaker {
    private TableMaker() {}

    /** What a table tells. */
    public enum Kind {
        /** The cells as they are. */
        PLAIN,
        DESCRIPTIVES,
        /** Two groups and the test of their difference. */
        GROUPS,
        PAIRS,
        ANOVA,
        CORRELATIONS,
        /** Predictors of a regression. */
        COEFFICIENTS,
        /** Pairs of groups compared after an analysis of variance. */
        COMPARISONS,
        CROSSTAB,
        FREQUENCIES,
        RELIABILITY
    }

    /** What a column is for. */
    public enum Role {
        /** Numbers that are told of, or cells that are kept. */
        MEASURE,
        /** Words or codes that sort. */
        GROUP,
        OUT
    }

    /** A column, what it is called and what it is taken for. */
    public record Column(String name, Role role, List<Role> possible) {}

    /**
     * What somebody wants of a table.
     *
     * @param kind null for the likeliest
     * @param roles one a column, none to have them found out
     * @param asterisks whether probabilities are marked
     * @param intervals whether 95 % confidence intervals are shown where they are known
     * @param equalVariances which row of a test stands, null to have the check decide
     */
    public record Wish(
            @Nullable Kind kind,
            List<Role> roles,
            boolean asterisks,
            boolean intervals,
            @Nullable Boolean equalVariances) {
        /** Whatever is likeliest. */
        public static final Wish NONE = new Wish(null, List.of(), false, false, null);

        public Wish {
            roles = List.copyOf(roles);
        }
    }

    /**
     * What was understood and made.
     *
     * @param raw whether it was taken for raw data
     * @param possible kinds it could be
     * @param because why it is taken for this, and which row of a test stands
     * @param chooses whether there are two rows of a test to choose from
     * @param table null where it cannot be made, which the remarks tell
     */
    public record Result(
            boolean raw,
            Kind kind,
            List<Kind> possible,
            String because,
            boolean chooses,
            List<Column> columns,
            @Nullable MadeTable table,
            List<String> remarks) {}

    /** Makes a table of sheets, of which one at least holds a cell. */
    public static Result make(List<Sheet> sheets, Wish wish, Guide guide) {
        Understood understood = Understood.of(sheets);
        return understood.isRaw()
                ? raw(understood, wish, guide)
                : output(sheets, understood.sheet(), wish, guide, new ArrayList<>(understood.remarks()));
    }

    // ---- raw data

    private static Result raw(Understood understood, Wish wish, Guide guide) {
        List<Column> columns = understood.columns(wish.roles());
        List<Variable> measures = understood.of(columns, Role.MEASURE);
        List<Variable> groups = understood.of(columns, Role.GROUP);
        List<String> remarks = new ArrayList<>(understood.remarks());
        remarks.addAll(Understood.uncounted(measures));
        List<Kind> possible = RawTables.possible(measures, groups);
        if (possible.isEmpty()) {
            remarks.add("No column is told of. Say of one at least that it is a measure or a group.");
            return new Result(true, Kind.DESCRIPTIVES, List.of(), understood.because(), false, columns, null, remarks);
        }
        Kind kind = wish.kind() != null && possible.contains(wish.kind()) ? wish.kind() : possible.get(0);
        RawTables tables = new RawTables(guide, wish, measures, groups);
        MadeTable made = null;
        try {
            made = tables.make(kind);
        } catch (RuntimeException e) {
            String why = RawTables.whyNot(e);
            if (why == null) {
                throw e;
            }
            remarks.add(why);
        }
        remarks.addAll(tables.remarks());
        String because = understood.because() + (tables.reason().isEmpty() ? "" : " " + tables.reason());
        return new Result(true, kind, possible, because, kind == Kind.GROUPS, columns, made, remarks);
    }

    // ---- printed tables

    private static Result output(List<Sheet> sheets, Sheet sheet, Wish wish, Guide guide, List<String> remarks) {
        OutputTables tables = new OutputTables(guide, wish);
        List<Kind> possible = new ArrayList<>();
        if (OutputTables.isOfGroups(sheets)) {
            possible.add(Kind.GROUPS);
        }
        if (OutputTables.isOfCorrelations(sheet)) {
            possible.add(Kind.CORRELATIONS);
        }
        if (TestTables.isOfCoefficients(sheets)) {
            possible.add(Kind.COEFFICIENTS);
        }
        if (TestTables.isOfComparisons(sheets)) {
            possible.add(Kind.COMPARISONS);
        }
        possible.add(Kind.PLAIN);
        Kind kind = wish.kind() != null && possible.contains(wish.kind()) ? wish.kind() : possible.get(0);
        List<Column> columns = kind == Kind.PLAIN ? Understood.kept(sheet, wish.roles()) : List.of();
        MadeTable made = switch (kind) {
            case GROUPS -> tables.groups(sheets);
            case CORRELATIONS -> tables.correlations(sheet);
            case COEFFICIENTS -> new TestTables(guide, wish.asterisks()).coefficients(sheets);
            case COMPARISONS -> new TestTables(guide, wish.asterisks()).comparisons(sheets);
            default ->
                tables.plain(
                        sheet,
                        columns.stream()
                                .map(column -> column.role() != Role.OUT)
                                .toList());
        };
        String because = switch (kind) {
            case GROUPS -> "Taken for the figures of two groups with the test of their difference.";
            case CORRELATIONS -> "Taken for correlations with their probabilities.";
            case COEFFICIENTS -> "Taken for the coefficients of a regression.";
            case COMPARISONS -> "Taken for pairs of groups compared after an analysis of variance.";
            default -> "Taken for a table as it is: its heads and numbers are set in the guide’s form.";
        };
        return new Result(
                false,
                kind,
                possible,
                because + (tables.reason().isEmpty() ? "" : " " + tables.reason()),
                kind == Kind.GROUPS,
                columns,
                made,
                remarks);
    }
}
