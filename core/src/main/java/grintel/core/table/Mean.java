package grintel.core.table;

import grintel.core.table.statistics.Sample;
import org.apache.commons.statistics.distribution.TDistribution;
import org.jspecify.annotations.Nullable;

/**
 * A mean with what is known of how it spreads; what is not known is not a number.
 *
 * @param n of how many it is, 0 where that is not known
 * @param sd standard deviation
 * @param sem standard error
 * @param interval half the width of the 95 % confidence interval
 */
record Mean(double mean, long n, double sd, double sem, double interval) {
    private static final double LEVEL = 0.95;

    /** The mean of a sample, null of none. */
    static @Nullable Mean of(Sample sample) {
        if (sample.n() == 0) {
            return null;
        }
        return told(sample.mean(), sample.n(), sample.n() == 1 ? Double.NaN : sample.sd(), Double.NaN);
    }

    /** A number of which nothing else is known. */
    static Mean alone(double value) {
        return new Mean(value, 0, Double.NaN, Double.NaN, Double.NaN);
    }

    /** A mean of which some is told: what can be worked out of that is. */
    static Mean told(double mean, long n, double sd, double sem) {
        double root = Math.sqrt((double) n);
        double deviation = Double.isNaN(sd) && n > 1 ? sem * root : sd;
        double error = Double.isNaN(sem) && n > 1 ? sd / root : sem;
        double interval =
                n > 1 ? error * TDistribution.of(n - 1.0).inverseSurvivalProbability((1 - LEVEL) / 2) : Double.NaN;
        return new Mean(mean, n, deviation, error, interval);
    }

    /** This mean with an interval that was told. */
    Mean between(double lower, double upper) {
        return new Mean(mean, n, sd, sem, Math.abs(upper - lower) / 2);
    }

    /** How far an error bar reaches, 0 for none. */
    double reach(FigureMaker.Spread spread) {
        double reach = switch (spread) {
            case INTERVAL -> interval;
            case ERROR -> sem;
            case DEVIATION -> sd;
            case NONE -> 0;
        };
        return Double.isFinite(reach) ? Math.abs(reach) : 0;
    }
}
