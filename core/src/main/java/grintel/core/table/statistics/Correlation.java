package grintel.core.table.statistics;

import java.util.Arrays;
import org.apache.commons.statistics.distribution.TDistribution;
import org.apache.commons.statistics.ranking.NaturalRanking;

/**
 * How two measures go together.
 *
 * @param r from −1 to 1
 * @param n pairs
 * @param p of one at least as far from 0
 */
public record Correlation(double r, int n, double p) {
    private static final int FEWEST = 3;

    /** Pearson's product-moment correlation of pairs. */
    public static Correlation pearson(Sample first, Sample second) {
        if (first.n() != second.n()) {
            throw new NotComputableException(first.name() + " and " + second.name() + " are no pairs: they have "
                    + first.n() + " and " + second.n() + " numbers.");
        }
        first.needs(FEWEST);
        double mean = first.mean();
        double other = second.mean();
        double both = 0;
        double ofFirst = 0;
        double ofSecond = 0;
        for (int i = 0; i < first.n(); i++) {
            double x = first.values().get(i) - mean;
            double y = second.values().get(i) - other;
            both += x * y;
            ofFirst += x * x;
            ofSecond += y * y;
        }
        if (ofFirst == 0 || ofSecond == 0) {
            throw new NotComputableException("In " + (ofFirst == 0 ? first : second).name()
                    + " all numbers are the same, so that nothing can go together with them.");
        }
        double r = Math.max(-1, Math.min(1, both / Math.sqrt(ofFirst * ofSecond)));
        int df = first.n() - 2;
        double t = Math.abs(r) * Math.sqrt(df / (1 - r * r));
        double p = Math.abs(r) == 1 ? 0 : 2 * TDistribution.of(df).survivalProbability(t);
        return new Correlation(r, first.n(), p);
    }

    /** Spearman's correlation of ranks, those of equal numbers being the mean of theirs. */
    public static Correlation spearman(Sample first, Sample second) {
        return pearson(ranked(first), ranked(second));
    }

    private static Sample ranked(Sample sample) {
        double[] ranks = new NaturalRanking().apply(sample.array());
        return new Sample(sample.name(), Arrays.stream(ranks).boxed().toList());
    }
}
