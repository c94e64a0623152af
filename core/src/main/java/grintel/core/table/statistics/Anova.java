package grintel.core.table.statistics;

import java.util.List;
import org.apache.commons.statistics.distribution.FDistribution;

/**
 * A one-way analysis of variance.
 *
 * @param between sum of squares between the groups
 * @param within sum of squares within them
 * @param dfBetween groups less one
 * @param dfWithin numbers less groups
 * @param f the statistic
 * @param p of one at least as large
 */
public record Anova(double between, double within, int dfBetween, int dfWithin, double f, double p) {
    /** The analysis of two groups or more, each of two numbers or more. */
    public static Anova of(List<Sample> groups) {
        if (groups.size() < 2) {
            throw new NotComputableException("It takes two groups at least; there is "
                    + (groups.isEmpty() ? "none." : "one, " + groups.get(0).name() + "."));
        }
        groups.forEach(group -> group.needs(2));
        int n = groups.stream().mapToInt(Sample::n).sum();
        double grand =
                groups.stream().mapToDouble(group -> group.mean() * group.n()).sum() / n;
        double between = 0;
        double within = 0;
        for (Sample group : groups) {
            double mean = group.mean();
            between += group.n() * (mean - grand) * (mean - grand);
            for (double value : group.values()) {
                within += (value - mean) * (value - mean);
            }
        }
        if (within == 0) {
            throw new NotComputableException(
                    "Within each group all numbers are the same, so that no test can be made.");
        }
        int dfBetween = groups.size() - 1;
        int dfWithin = n - groups.size();
        double f = between / dfBetween / (within / dfWithin);
        return new Anova(
                between,
                within,
                dfBetween,
                dfWithin,
                f,
                FDistribution.of(dfBetween, dfWithin).survivalProbability(f));
    }

    /** The share of all variation that lies between the groups, from 0 to 1. */
    public double etaSquared() {
        return between / (between + within);
    }
}
