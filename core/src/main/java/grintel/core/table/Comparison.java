package grintel.core.table;

import grintel.core.table.statistics.MeanTest;
import grintel.core.table.statistics.Sample;
import org.jspecify.annotations.Nullable;

/**
 * Two means compared: of two groups, or of two measures of the same persons.
 *
 * @param interval of the difference at 95 %, null where it is not known
 */
record Comparison(
        String name,
        Side first,
        Side second,
        double t,
        double df,
        double p,
        double d,
        Sample.@Nullable Interval interval) {
    /** One of the two. */
    record Side(String name, int n, double mean, double sd) {
        static Side of(String name, Sample sample) {
            return new Side(name, sample.n(), sample.mean(), sample.sd());
        }
    }

    static Comparison of(String name, Side first, Side second, MeanTest test) {
        return new Comparison(name, first, second, test.t(), test.df(), test.p(), test.d(), test.interval());
    }

    /** The difference in standard deviations pooled over both sides. */
    static double cohen(Side first, Side second) {
        double pooled = ((first.n - 1) * first.sd * first.sd + (second.n - 1) * second.sd * second.sd)
                / (first.n + second.n - 2);
        return (first.mean - second.mean) / Math.sqrt(pooled);
    }
}
