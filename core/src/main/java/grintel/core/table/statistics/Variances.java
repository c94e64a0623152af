package grintel.core.table.statistics;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Whether groups vary alike: an analysis of variance of how far each number lies from the middle of its group. */
public final class Variances {
    private Variances() {}

    /** Levene's test: deviations from the mean. */
    public static Anova levene(List<Sample> groups) {
        return of(groups, Sample::mean);
    }

    /** The test of Brown and Forsythe: deviations from the median. */
    public static Anova brownForsythe(List<Sample> groups) {
        return of(groups, Sample::median);
    }

    private static Anova of(List<Sample> groups, ToDoubleFunction<Sample> middle) {
        List<Sample> deviations = new ArrayList<>();
        for (Sample group : groups) {
            double centre = middle.applyAsDouble(group);
            deviations.add(new Sample(
                    group.name(),
                    group.values().stream()
                            .map(value -> Math.abs(value - centre))
                            .toList()));
        }
        return Anova.of(deviations);
    }
}
