package grintel.core.rule.tables;

import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Stroke;
import grintel.core.typeset.PlacedTable;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * The rules of a table on a page as distances: from each that stands down to the next, beside the table, and where one
 * should stand that does not.
 */
final class RuleStrokes {
    static final String QUANTITY = "table-rules";

    /** A table ruled at every row would cover its margin with strokes; its rules are counted in the reading alone. */
    private static final int MOST = 12;

    private final ProofPage page;
    private final List<Reading> readings;
    private final List<Level> standing = new ArrayList<>();
    private final List<Level> missing = new ArrayList<>();
    private final int top;
    private final int bottom;

    /**
     * A height at which a rule stands or should.
     *
     * @param reading key of the reading that finds it off; null where it is as asked
     */
    private record Level(int y, @Nullable String reading) {}

    /** @param isStray whether a rule above a row is one that should not be there */
    RuleStrokes(ProofPage page, PlacedTable placed, CellGrid grid, List<Reading> readings, Predicate<Integer> isStray) {
        this.page = page;
        this.readings = readings;
        this.top = placed.top();
        this.bottom = placed.bottom();
        for (PlacedTable.PlacedRow row : placed.rows()) {
            int index = row.index();
            if (index == 0 || index == grid.heads()) {
                required(grid, index, index == 0 ? "top" : "heads", row.top());
            } else if (row.begins() && grid.isRuledAbove(index)) {
                standing.add(new Level(row.top(), isStray.test(index) ? off("inside") : null));
            }
        }
        boolean ends = placed.rows().stream().anyMatch(row -> row.index() == grid.size() - 1);
        if (ends) {
            required(grid, grid.size(), "bottom", bottom);
        }
    }

    private void required(CellGrid grid, int row, String quantity, int y) {
        if (grid.isRuledAcross(row)) {
            standing.add(new Level(y, null));
        } else {
            missing.add(new Level(y, off(quantity)));
        }
    }

    private @Nullable String off(String quantity) {
        return readings.stream()
                .filter(reading -> reading.off() && reading.quantity().equals(quantity))
                .map(Reading::key)
                .findFirst()
                .orElse(null);
    }

    /** The strokes, from top to bottom. */
    List<Stroke> strokes() {
        List<Stroke> out = new ArrayList<>();
        if (standing.size() > MOST) {
            return out;
        }
        for (int i = 1; i < standing.size(); i++) {
            int from = standing.get(i - 1).y();
            Level to = standing.get(i);
            Level missed = missing.stream()
                    .filter(each -> each.y() > from && each.y() < to.y())
                    .findFirst()
                    .orElse(null);
            out.add(
                    missed == null
                            ? stroke(from, to.y(), to.reading(), null)
                            : stroke(from, to.y(), missed.reading(), missed.y()));
        }
        missing.forEach(each -> outside(each).ifPresent(out::add));
        out.sort(Comparator.comparingInt(stroke -> Math.min(stroke.from(), stroke.to())));
        return out;
    }

    /** For a rule missing over or under all that stand; where there are not two of these, the table's edges take part. */
    private Optional<Stroke> outside(Level missed) {
        boolean within = missed.y() > top && missed.y() < bottom;
        if (standing.isEmpty()) {
            return within ? Optional.of(stroke(top, bottom, missed.reading(), missed.y())) : Optional.empty();
        }
        int first = standing.get(0).y();
        int last = standing.get(standing.size() - 1).y();
        if (missed.y() < first) {
            return Optional.of(stroke(first < last ? last : bottom, first, missed.reading(), missed.y()));
        }
        return missed.y() > last
                ? Optional.of(stroke(first < last ? first : top, last, missed.reading(), missed.y()))
                : Optional.empty();
    }

    private Stroke stroke(int from, int to, @Nullable String reading, @Nullable Integer asked) {
        Measure ought = asked == null ? null : TablesRulesRule.RULE;
        return new Stroke(
                QUANTITY,
                reading,
                Stroke.Axis.DOWN,
                from,
                to,
                asked,
                page.frame().left(),
                0,
                null,
                ought);
    }
}
