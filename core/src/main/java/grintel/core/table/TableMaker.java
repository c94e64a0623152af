package grintel.core.table;

import grintel.core.guide.Guide;
import grintel.core.limit.WorkLimits;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Understands what came in and makes a table of it, as far as nobody says otherwise. */
public final class TableMaker {
    private static final int FEWEST_PERSONS = 5;
    private static final int MOST_MEASURES = 8;

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
     * @param equalVariances which row of a test stands, null to have the check decide
     */
    public record Wish(
            @Nullable Kind kind,
            List<Role> roles,
            boolean asterisks,
            @Nullable Boolean equalVariances) {
        /** Whatever is likeliest. */
        public static final Wish NONE = new Wish(null, List.of(), false, null);

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
        Sheet sheet = sheets.stream()
                .max((one, other) ->
                        Integer.compare(one.rows().size(), other.rows().size()))
                .orElseThrow(() -> new UnusableSheetException("There are no cells in it."));
        List<String> remarks = new ArrayList<>();
        sheets.forEach(each -> remarks.addAll(each.remarks()));
        List<Variable> variables = isNamed(sheet) ? variables(sheet) : List.of();
        return isRaw(variables) ? raw(variables, wish, guide, remarks) : output(sheets, sheet, wish, guide, remarks);
    }

    // ---- raw data

    /** Whether there are names over all columns, few of them a program's own, and rows enough for persons under them. */
    private static boolean isNamed(Sheet sheet) {
        if (sheet.rows().size() <= FEWEST_PERSONS || sheet.columns() < 2) {
            return false;
        }
        boolean commas = Numeral.commas(sheet);
        Set<String> seen = new HashSet<>();
        int printed = 0;
        for (String name : sheet.rows().get(0)) {
            if (name.isEmpty() || !seen.add(name) || Numeral.of(name, commas) != null) {
                return false;
            }
            printed += OutputColumn.of(name) == null ? 0 : 1;
        }
        return printed * 2 < sheet.columns();
    }

    /** Whether each row is a person: what stands under each name is of one kind. */
    private static boolean isRaw(List<Variable> all) {
        return all.stream().allMatch(each -> each.isOfNumbers() || each.canSort() || each.isIdentity())
                && all.stream().anyMatch(each -> !each.isIdentity());
    }

    private static List<Variable> variables(Sheet sheet) {
        boolean commas = Numeral.commas(sheet);
        List<Variable> out = new ArrayList<>();
        for (int column = 0; column < sheet.columns(); column++) {
            WorkLimits.goOn();
            int at = column;
            out.add(Variable.of(
                    sheet.at(0, column),
                    sheet.rows().subList(1, sheet.rows().size()).stream()
                            .map(row -> row.get(at))
                            .toList(),
                    commas));
        }
        return out;
    }

    private static Result raw(List<Variable> all, Wish wish, Guide guide, List<String> remarks) {
        List<Column> columns = columns(all, wish.roles());
        List<Variable> measures = of(all, columns, Role.MEASURE);
        List<Variable> groups = of(all, columns, Role.GROUP);
        for (Variable measure : measures) {
            List<String> words = measure.words();
            if (!words.isEmpty()) {
                remarks.add(measure.name() + ": " + words.size() + (words.size() == 1 ? " cell holds" : " cells hold")
                        + " no number, such as “" + shortened(words.get(0)) + "”, and count as missing.");
            }
        }
        List<Kind> possible = RawTables.possible(measures, groups);
        if (possible.isEmpty()) {
            remarks.add("No column is told of. Say of one at least that it is a measure or a group.");
            return new Result(true, Kind.DESCRIPTIVES, List.of(), because(all), false, columns, null, remarks);
        }
        Kind kind = wish.kind() != null && possible.contains(wish.kind()) ? wish.kind() : possible.get(0);
        RawTables tables = new RawTables(guide, wish.asterisks(), measures, groups, wish.equalVariances());
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
        String because = because(all) + (tables.reason().isEmpty() ? "" : " " + tables.reason());
        return new Result(true, kind, possible, because, kind == Kind.GROUPS, columns, made, remarks);
    }

    private static String because(List<Variable> all) {
        return "Taken for raw data: " + all.get(0).cells().size() + " rows under " + all.size()
                + " names, a person or an event a row.";
    }

    private static String shortened(String words) {
        return words.length() <= 30 ? words : words.substring(0, 29) + "…";
    }

    private static List<Variable> of(List<Variable> all, List<Column> columns, Role role) {
        List<Variable> out = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (columns.get(i).role() == role) {
                out.add(all.get(i));
            }
        }
        return out;
    }

    /** Columns of words sort, columns of numbers are measured; what only tells persons apart, and more than a page holds, stays out. */
    private static List<Column> columns(List<Variable> all, List<Role> said) {
        List<Column> out = new ArrayList<>();
        int measures = 0;
        for (int i = 0; i < all.size(); i++) {
            Variable each = all.get(i);
            List<Role> possible = new ArrayList<>();
            if (each.isOfNumbers()) {
                possible.add(Role.MEASURE);
            }
            if (each.canSort()) {
                possible.add(Role.GROUP);
            }
            possible.add(Role.OUT);
            Role likely = each.isIdentity() || possible.get(0) == Role.MEASURE && measures >= MOST_MEASURES
                    ? Role.OUT
                    : possible.get(0);
            Role role = i < said.size() && possible.contains(said.get(i)) ? said.get(i) : likely;
            measures += role == Role.MEASURE ? 1 : 0;
            out.add(new Column(each.name(), role, possible));
        }
        return out;
    }

    // ---- printed tables

    private static Result output(List<Sheet> sheets, Sheet sheet, Wish wish, Guide guide, List<String> remarks) {
        OutputTables tables = new OutputTables(guide, wish.asterisks(), wish.equalVariances());
        List<Kind> possible = new ArrayList<>();
        if (OutputTables.isOfGroups(sheets)) {
            possible.add(Kind.GROUPS);
        }
        if (OutputTables.isOfCorrelations(sheet)) {
            possible.add(Kind.CORRELATIONS);
        }
        possible.add(Kind.PLAIN);
        Kind kind = wish.kind() != null && possible.contains(wish.kind()) ? wish.kind() : possible.get(0);
        List<Column> columns = kind == Kind.PLAIN ? kept(sheet, wish.roles()) : List.of();
        MadeTable made = switch (kind) {
            case GROUPS -> tables.groups(sheets);
            case CORRELATIONS -> tables.correlations(sheet);
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

    private static List<Column> kept(Sheet sheet, List<Role> said) {
        List<String> names = OutputTables.names(sheet, OutputTables.heads(sheet, Numeral.commas(sheet)));
        List<Column> out = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            boolean needless = i > 0 && OutputColumn.of(names.get(i)) == OutputColumn.LEFT_OUT;
            Role likely = needless ? Role.OUT : Role.MEASURE;
            boolean known = i > 0 && i < said.size() && said.get(i) != Role.GROUP;
            List<Role> possible = i == 0 ? List.of(Role.MEASURE) : List.of(Role.MEASURE, Role.OUT);
            out.add(new Column(names.get(i), known ? said.get(i) : likely, possible));
        }
        return out;
    }
}
