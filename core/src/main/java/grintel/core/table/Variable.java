package grintel.core.table;

import grintel.core.table.statistics.Sample;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A column of raw data: what was measured of each person, or which group each belongs to.
 *
 * @param cells as they came in, one a person
 * @param numbers the same as numbers, null where there is none
 */
record Variable(String name, List<String> cells, List<@Nullable Double> numbers) {
    /** A column of more different words than this sorts nobody. */
    static final int MOST_GROUPS = 12;

    static Variable of(String name, List<String> cells, boolean commas) {
        List<@Nullable Double> numbers = new ArrayList<>();
        for (String cell : cells) {
            Numeral numeral = Numeral.isMissing(cell) ? null : Numeral.of(cell, commas);
            numbers.add(numeral == null || !numeral.sign().isEmpty() ? null : numeral.value());
        }
        return new Variable(name, List.copyOf(cells), numbers);
    }

    /** Cells that hold something else than a number. */
    List<String> words() {
        List<String> out = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            if (numbers.get(i) == null && !Numeral.isMissing(cells.get(i))) {
                out.add(cells.get(i));
            }
        }
        return out;
    }

    boolean isOfNumbers() {
        long known = numbers.stream().filter(number -> number != null).count();
        return known > 0 && words().size() * 20L <= known;
    }

    /** Its different words or codes, in the order in which they come. */
    List<String> levels() {
        return cells.stream()
                .filter(cell -> !Numeral.isMissing(cell))
                .distinct()
                .toList();
    }

    boolean canSort() {
        int levels = levels().size();
        return levels >= 2 && levels <= MOST_GROUPS && levels < cells.size();
    }

    /** Whether it only tells one person from the other. */
    boolean isIdentity() {
        String plain = name.toLowerCase(Locale.ROOT);
        boolean named = plain.matches(
                "(?:id|no\\.?|nr\\.?|case|person|participant|subject|respondent)(?:[ _-]?(?:id|no|nr|number))?");
        return named && levels().size() == cells.size() || counts();
    }

    /** Whether its numbers only count the rows. */
    private boolean counts() {
        for (int i = 0; i < numbers.size(); i++) {
            Double number = numbers.get(i);
            if (number == null || number != i + 1) {
                return false;
            }
        }
        return true;
    }

    /** All its numbers. */
    Sample sample() {
        return Sample.of(name, numbers.stream().filter(number -> number != null).toList());
    }

    /** Its numbers for each group of another variable, in the order of the groups. */
    Map<String, Sample> by(Variable group) {
        Map<String, List<Double>> sorted = new LinkedHashMap<>();
        group.levels().forEach(level -> sorted.put(level, new ArrayList<>()));
        for (int i = 0; i < cells.size(); i++) {
            Double number = numbers.get(i);
            List<Double> of = sorted.get(group.cells.get(i));
            if (number != null && of != null) {
                of.add(number);
            }
        }
        Map<String, Sample> out = new LinkedHashMap<>();
        sorted.forEach((level, values) -> out.put(level, Sample.of(name + " of " + level, values)));
        return out;
    }

    /** This variable for those of one group of another; for all where there is no other. */
    Variable where(@Nullable Variable group, String level) {
        if (group == null) {
            return this;
        }
        List<@Nullable Double> of = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            of.add(group.cells.get(i).equals(level) ? numbers.get(i) : null);
        }
        return new Variable(name, cells, of);
    }

    /** The numbers of this and another for those of whom both are known. */
    List<Sample> pairedWith(Variable other) {
        return complete(List.of(this, other));
    }

    /** The numbers of several for those of whom all are known. */
    static List<Sample> complete(List<Variable> all) {
        List<List<Double>> values = new ArrayList<>();
        all.forEach(each -> values.add(new ArrayList<>()));
        for (int i = 0; i < all.get(0).cells.size(); i++) {
            int person = i;
            if (all.stream().allMatch(each -> each.numbers.get(person) != null)) {
                for (int j = 0; j < all.size(); j++) {
                    Double number = all.get(j).numbers.get(person);
                    values.get(j).add(number == null ? 0 : number);
                }
            }
        }
        List<Sample> out = new ArrayList<>();
        for (int j = 0; j < all.size(); j++) {
            out.add(Sample.of(all.get(j).name, values.get(j)));
        }
        return out;
    }
}
