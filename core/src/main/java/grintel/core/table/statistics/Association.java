package grintel.core.table.statistics;

import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/**
 * Whether two ways of sorting go together: the test of a cross-tabulation.
 *
 * @param chiSquared without correction for continuity
 * @param v Cramér's V, from 0 to 1
 * @param fewExpected cells of which fewer than five are expected, which makes the test a rough one
 */
public record Association(double chiSquared, int df, int n, double p, double v, int fewExpected) {
    private static final double FEW = 5;

    /** The test of counts by row and column; each row and each column has some. */
    public static Association of(long[][] counts) {
        int rows = counts.length;
        int columns = rows == 0 ? 0 : counts[0].length;
        if (rows < 2 || columns < 2) {
            throw new NotComputableException("It takes two rows and two columns at least.");
        }
        double[] byRow = new double[rows];
        double[] byColumn = new double[columns];
        double n = 0;
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < columns; j++) {
                byRow[i] += counts[i][j];
                byColumn[j] += counts[i][j];
                n += counts[i][j];
            }
        }
        double sum = 0;
        int few = 0;
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < columns; j++) {
                double expected = byRow[i] * byColumn[j] / n;
                if (expected == 0) {
                    throw new NotComputableException("A row or a column counts nobody, so that no test can be made.");
                }
                few += expected < FEW ? 1 : 0;
                sum += (counts[i][j] - expected) * (counts[i][j] - expected) / expected;
            }
        }
        int df = (rows - 1) * (columns - 1);
        return new Association(
                sum,
                df,
                (int) n,
                ChiSquaredDistribution.of(df).survivalProbability(sum),
                Math.sqrt(sum / (n * (Math.min(rows, columns) - 1))),
                few);
    }
}
