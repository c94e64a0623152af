package grintel.core.table;

import grintel.core.limit.WorkLimits;
import grintel.core.made.UnusableSourceException;
import grintel.core.table.TableMaker.Column;
import grintel.core.table.TableMaker.Role;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What came in, as far as it says so itself: raw data, a person or an event a row, or cells that somebody printed.
 *
 * @param sheet the largest of those that came in
 * @param variables its columns where it is raw data, none otherwise
 * @param remarks what was noticed on the way
 */
record Understood(Sheet sheet, List<Variable> variables, List<String> remarks) {
    private static final int FEWEST_PERSONS = 5;
    private static final int MOST_MEASURES = 8;

    static Understood of(List<Sheet> sheets) {
        Sheet sheet = sheets.stream()
                .max((one, other) ->
                        Integer.compare(one.rows().size(), other.rows().size()))
                .orElseThrow(() -> new UnusableSourceException("There are no cells in it."));
        List<String> remarks = new ArrayList<>();
        sheets.forEach(each -> remarks.addAll(each.remarks()));
        List<Variable> variables = isNamed(sheet) ? read(sheet) : List.of();
        return new Understood(sheet, areOfPersons(variables) ? variables : List.of(), remarks);
    }

    boolean isRaw() {
        return !variables.isEmpty();
    }

    /** Why it is taken for raw data. */
    String because() {
        return "Taken for raw data: " + variables.get(0).cells().size() + " rows under " + variables.size()
                + " names, a person or an event a row.";
    }

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
    private static boolean areOfPersons(List<Variable> all) {
        return all.stream().allMatch(each -> each.isOfNumbers() || each.canSort() || each.isIdentity())
                && all.stream().anyMatch(each -> !each.isIdentity());
    }

    private static List<Variable> read(Sheet sheet) {
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

    // ---- columns of raw data

    /**
     * Columns of words sort, columns of numbers are measured; what only tells persons apart, and more than a page holds,
     * stays out.
     *
     * @param said one a column, none to have them found out
     */
    List<Column> columns(List<Role> said) {
        List<Column> out = new ArrayList<>();
        int measures = 0;
        for (int i = 0; i < variables.size(); i++) {
            Variable each = variables.get(i);
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

    /** The variables of a role. */
    List<Variable> of(List<Column> columns, Role role) {
        List<Variable> out = new ArrayList<>();
        for (int i = 0; i < variables.size(); i++) {
            if (columns.get(i).role() == role) {
                out.add(variables.get(i));
            }
        }
        return out;
    }

    /** What is told of cells among the numbers that hold none. */
    static List<String> uncounted(List<Variable> measures) {
        List<String> out = new ArrayList<>();
        for (Variable measure : measures) {
            List<String> words = measure.words();
            if (!words.isEmpty()) {
                out.add(measure.name() + ": " + words.size() + (words.size() == 1 ? " cell holds" : " cells hold")
                        + " no number, such as “" + shortened(words.get(0)) + "”, and count as missing.");
            }
        }
        return out;
    }

    private static String shortened(String words) {
        return words.length() <= 30 ? words : words.substring(0, 29) + "…";
    }

    // ---- columns of printed cells

    /** Columns that are kept but for those that no reader needs; the first always is. */
    static List<Column> kept(Sheet sheet, List<Role> said) {
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
