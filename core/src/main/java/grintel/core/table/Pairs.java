package grintel.core.table;

import grintel.core.chart.Chart;
import grintel.core.made.UnusableSourceException;
import grintel.core.table.statistics.Correlation;
import grintel.core.table.statistics.Sample;
import java.util.List;

/**
 * Two measures of the same persons.
 *
 * @param across the measure from left to right
 * @param up the measure from the foot up
 * @param correlation Pearson's
 */
record Pairs(Sample across, Sample up, Correlation correlation) {
    /** More points than these hide each other. */
    private static final int MOST = 5_000;

    static Pairs of(Variable across, Variable up) {
        List<Sample> both = across.pairedWith(up);
        if (both.get(0).n() > MOST) {
            throw new UnusableSourceException("A scatter plot of " + both.get(0).n()
                    + " points shows none of them; at most 5,000 are drawn. Take fewer rows.");
        }
        return new Pairs(both.get(0), both.get(1), Correlation.pearson(both.get(0), both.get(1)));
    }

    /** The line of least squares. */
    Chart.Line line() {
        double slope = correlation.r() * up.sd() / across.sd();
        return new Chart.Line(up.mean() - slope * across.mean(), slope);
    }
}
