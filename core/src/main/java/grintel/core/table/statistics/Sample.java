package grintel.core.table.statistics;

import java.util.Collection;
import java.util.List;
import org.apache.commons.statistics.descriptive.Mean;
import org.apache.commons.statistics.descriptive.Median;
import org.apache.commons.statistics.descriptive.Variance;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * Numbers measured of some persons or things, none of them missing.
 *
 * @param name what they are called in messages
 */
public record Sample(String name, List<Double> values) {
    public Sample {
        values = List.copyOf(values);
    }

    /** A sample of these numbers. */
    public static Sample of(String name, Collection<Double> values) {
        return new Sample(name, List.copyOf(values));
    }

    double[] array() {
        return values.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** How many there are. */
    public int n() {
        return values.size();
    }

    /** The arithmetic mean; refused for none. */
    public double mean() {
        needs(1);
        return Mean.of(array()).getAsDouble();
    }

    /** The middle number, or the mean of the two in the middle; refused for none. */
    public double median() {
        needs(1);
        return Median.withDefaults().evaluate(array());
    }

    /** The variance with n − 1; refused for fewer than two. */
    public double variance() {
        needs(2);
        return Variance.of(array()).getAsDouble();
    }

    /** The standard deviation with n − 1; refused for fewer than two. */
    public double sd() {
        return Math.sqrt(variance());
    }

    /** The standard error of the mean; refused for fewer than two. */
    public double sem() {
        return sd() / Math.sqrt(n());
    }

    public double least() {
        needs(1);
        return values.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    }

    public double most() {
        needs(1);
        return values.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    }

    /**
     * The interval in which the mean lies, by Student's distribution; refused for fewer than two.
     *
     * @param level between 0 and 1, such as 0.95
     */
    public Interval ofMean(double level) {
        double reach = TDistribution.of(n() - 1.0).inverseSurvivalProbability((1 - level) / 2) * sem();
        return new Interval(mean() - reach, mean() + reach);
    }

    void needs(int fewest) {
        if (n() < fewest) {
            throw new NotComputableException(name + " has " + (n() == 1 ? "one number" : n() + " numbers")
                    + "; it takes " + fewest + " at least.");
        }
    }

    /** From one number to another. */
    public record Interval(double lower, double upper) {}
}
