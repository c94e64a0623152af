package grintel.core.table.statistics;

import java.util.Arrays;
import org.apache.commons.numbers.gamma.LogGamma;
import org.apache.commons.statistics.distribution.TDistribution;
import org.apache.commons.statistics.inference.DataDispersion;
import org.apache.commons.statistics.inference.TTest;

/**
 * A test of the difference of two means.
 *
 * @param t the statistic
 * @param df degrees of freedom, not always whole
 * @param p of a difference at least as large in either direction
 * @param difference first mean less the second
 * @param interval of the difference at 95 %
 * @param d Cohen's d: the difference in pooled standard deviations; of pairs, in standard deviations of the differences
 * @param g Hedges' g: d less its bias in small samples, by the exact factor
 */
public record MeanTest(double t, double df, double p, double difference, Sample.Interval interval, double d, double g) {
    private static final double LEVEL = 0.95;

    /** Student's test, which takes the variances for equal. */
    public static MeanTest student(Sample first, Sample second) {
        vary(first, second);
        return of(first, second, TTest.withDefaults().with(DataDispersion.HOMOSCEDASTIC));
    }

    /** Welch's test, which does not. */
    public static MeanTest welch(Sample first, Sample second) {
        vary(first, second);
        return of(first, second, TTest.withDefaults().with(DataDispersion.HETEROSCEDASTIC));
    }

    private static MeanTest of(Sample first, Sample second, TTest test) {
        TTest.Result result = test.test(first.array(), second.array());
        double difference = first.mean() - second.mean();
        double df = result.getDegreesOfFreedom();
        double pooled = ((first.n() - 1) * first.variance() + (second.n() - 1) * second.variance())
                / (first.n() + second.n() - 2);
        double d = difference / Math.sqrt(pooled);
        return new MeanTest(
                result.getStatistic(),
                df,
                result.getPValue(),
                difference,
                interval(difference, difference / result.getStatistic(), df, first, second),
                d,
                d * unbiased(first.n() + second.n() - 2.0));
    }

    /** A test of differences within pairs. */
    public static MeanTest paired(Sample first, Sample second) {
        if (first.n() != second.n()) {
            throw new NotComputableException(first.name() + " and " + second.name() + " are no pairs: they have "
                    + first.n() + " and " + second.n() + " numbers.");
        }
        first.needs(2);
        double[] differences = new double[first.n()];
        for (int i = 0; i < differences.length; i++) {
            differences[i] = first.values().get(i) - second.values().get(i);
        }
        Sample difference = new Sample(
                first.name() + " less " + second.name(),
                Arrays.stream(differences).boxed().toList());
        if (difference.variance() == 0) {
            throw new NotComputableException("All pairs of " + first.name() + " and " + second.name()
                    + " differ by the same, so that no test can be made.");
        }
        TTest.Result result = TTest.withDefaults().test(differences);
        double d = difference.mean() / difference.sd();
        return new MeanTest(
                result.getStatistic(),
                result.getDegreesOfFreedom(),
                result.getPValue(),
                difference.mean(),
                difference.ofMean(LEVEL),
                d,
                d * unbiased(first.n() - 1.0));
    }

    private static Sample.Interval interval(double difference, double error, double df, Sample first, Sample second) {
        // Where the means are the same, the error cannot be had from the statistic.
        double known = difference == 0 ? error(first, second, df) : Math.abs(error);
        double reach = TDistribution.of(df).inverseSurvivalProbability((1 - LEVEL) / 2) * known;
        return new Sample.Interval(difference - reach, difference + reach);
    }

    private static double error(Sample first, Sample second, double df) {
        boolean pooled = df == first.n() + second.n() - 2.0;
        double variance = ((first.n() - 1) * first.variance() + (second.n() - 1) * second.variance()) / df;
        return pooled
                ? Math.sqrt(variance * (1.0 / first.n() + 1.0 / second.n()))
                : Math.sqrt(first.variance() / first.n() + second.variance() / second.n());
    }

    private static void vary(Sample first, Sample second) {
        first.needs(2);
        second.needs(2);
        if (first.variance() == 0 && second.variance() == 0) {
            throw new NotComputableException("In " + first.name() + " and in " + second.name()
                    + " all numbers are the same, so that no test can be made.");
        }
    }

    /** The factor that takes the bias off d, by the gamma function (Hedges 1981). */
    private static double unbiased(double df) {
        return Math.exp(LogGamma.value(df / 2) - LogGamma.value((df - 1) / 2)) / Math.sqrt(df / 2);
    }
}
