package grintel.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import grintel.core.table.statistics.Anova;
import grintel.core.table.statistics.Association;
import grintel.core.table.statistics.Correlation;
import grintel.core.table.statistics.MeanTest;
import grintel.core.table.statistics.NotComputableException;
import grintel.core.table.statistics.Reliability;
import grintel.core.table.statistics.Sample;
import grintel.core.table.statistics.Variances;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.assertj.core.data.Offset;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

/**
 * Statistics against certified values of public reference data sets (NIST Statistical Reference Datasets), examples
 * worked out by hand, and identities that hold of them.
 */
class StatisticsTest {
    private static final Percentage CLOSE = Percentage.withPercentage(1e-7);
    private static final Offset<Double> EXACT = within(1e-12);

    private static Sample of(double... values) {
        return Sample.of("sample", Arrays.stream(values).boxed().toList());
    }

    /** NIST NumAcc3: 1000000.2, then 1000000.1 and 1000000.3 by turns; mean 1000000.2, standard deviation 0.1. */
    @Test
    void meanAndDeviationOfLargeNumbersThatDifferLittle() {
        List<Double> values = new ArrayList<>(List.of(1000000.2));
        for (int i = 0; i < 500; i++) {
            values.add(1000000.1);
            values.add(1000000.3);
        }
        Sample sample = Sample.of("NumAcc3", values);
        assertThat(sample.n()).isEqualTo(1001);
        assertThat(sample.mean()).isCloseTo(1000000.2, CLOSE);
        // The tenths themselves cannot be held more exactly than this in numbers so large.
        assertThat(sample.sd()).isCloseTo(0.1, Percentage.withPercentage(1e-6));
    }

    /** NIST NumAcc1: 10000001, 10000003, 10000002; mean 10000002, standard deviation 1. */
    @Test
    void meanAndDeviationOfThreeLargeNumbers() {
        Sample sample = of(10000001, 10000003, 10000002);
        assertThat(sample.mean()).isCloseTo(10000002, EXACT);
        assertThat(sample.sd()).isCloseTo(1, EXACT);
        assertThat(sample.median()).isEqualTo(10000002);
        assertThat(sample.sem()).isCloseTo(1 / Math.sqrt(3), EXACT);
    }

    /** NIST SiRstv, five instruments: F 1.18046237440255, between 5.11462616000000E-02, within 2.16636560000000E-01. */
    @Test
    void analysisOfVarianceOfTheResistivityOfSilicon() {
        Anova anova = Anova.of(List.of(
                of(196.3052, 196.1240, 196.1890, 196.2569, 196.3403),
                of(196.3042, 196.3825, 196.1669, 196.3257, 196.0422),
                of(196.1303, 196.2005, 196.2889, 196.0343, 196.1811),
                of(196.2795, 196.1748, 196.1494, 196.1485, 195.9885),
                of(196.2119, 196.1051, 196.1850, 196.0052, 196.2090)));
        assertThat(anova.dfBetween()).isEqualTo(4);
        assertThat(anova.dfWithin()).isEqualTo(20);
        assertThat(anova.between()).isCloseTo(5.11462616000000E-02, CLOSE);
        assertThat(anova.within()).isCloseTo(2.16636560000000E-01, CLOSE);
        assertThat(anova.f()).isCloseTo(1.18046237440255, CLOSE);
        assertThat(anova.etaSquared()).isCloseTo(1.90999039051129E-01, CLOSE);
    }

    /** By hand: means 3 and 6, variances 2.5 and 2.5, pooled 2.5, error 1; t −3 with 8 degrees of freedom. */
    @Test
    void studentsTest() {
        MeanTest test = MeanTest.student(of(1, 2, 3, 4, 5), of(4, 5, 6, 7, 8));
        assertThat(test.t()).isCloseTo(-3, EXACT);
        assertThat(test.df()).isEqualTo(8);
        // The tail of Student's distribution with 8 degrees of freedom has a closed form.
        double x = 3 / Math.sqrt(8 + 9);
        double body = x * (1 + (1 - x * x) / 2 + 3 * Math.pow(1 - x * x, 2) / 8 + 5 * Math.pow(1 - x * x, 3) / 16);
        assertThat(test.p()).isCloseTo(1 - body, CLOSE);
        assertThat(test.difference()).isEqualTo(-3);
        assertThat(test.interval().lower()).isCloseTo(-3 - 2.306004135204166, within(1e-9));
        assertThat(test.interval().upper()).isCloseTo(-3 + 2.306004135204166, within(1e-9));
        assertThat(test.d()).isCloseTo(-3 / Math.sqrt(2.5), EXACT);
        // Hedges' factor for 8: gamma(4) / (sqrt(4) gamma(3.5)).
        double factor = 6 / (2 * (15.0 / 8) * Math.sqrt(Math.PI));
        assertThat(test.g()).isCloseTo(test.d() * factor, CLOSE);
    }

    /** By hand: variances 1 and 4 of four each; error sqrt(5/4), degrees of freedom (5/4)² / ((1/16 + 1) / 3). */
    @Test
    void welchsTest() {
        double half = Math.sqrt(0.75);
        MeanTest test = MeanTest.welch(
                of(-half, half, -half, half), of(1 - 2 * half, 1 + 2 * half, 1 - 2 * half, 1 + 2 * half));
        assertThat(test.t()).isCloseTo(-1 / Math.sqrt(1.25), EXACT);
        assertThat(test.df()).isCloseTo(1.25 * 1.25 / ((1 / 16.0 + 1) / 3), CLOSE);
    }

    @Test
    void studentsAndWelchsTestAgreeWhereGroupsAreEquallyLargeAndVaryAlike() {
        MeanTest student = MeanTest.student(of(1, 2, 3, 4, 5), of(2, 3, 4, 5, 6));
        MeanTest welch = MeanTest.welch(of(1, 2, 3, 4, 5), of(2, 3, 4, 5, 6));
        assertThat(welch.t()).isCloseTo(student.t(), EXACT);
        assertThat(welch.df()).isCloseTo(student.df(), within(1e-9));
        assertThat(welch.interval().lower()).isCloseTo(student.interval().lower(), within(1e-9));
    }

    /** The square of t is the F of two groups, and their probabilities are one. */
    @Test
    void aTestOfTwoGroupsIsAnAnalysisOfVariance() {
        Sample first = of(2.31, 3.04, 1.98, 2.75, 3.10);
        Sample second = of(3.41, 3.94, 2.88, 3.70);
        Anova anova = Anova.of(List.of(first, second));
        MeanTest test = MeanTest.student(first, second);
        assertThat(test.t() * test.t()).isCloseTo(anova.f(), CLOSE);
        assertThat(test.p()).isCloseTo(anova.p(), CLOSE);
    }

    /** By hand: differences 1, 2, 3 have mean 2, deviation 1 and error 1/√3. */
    @Test
    void pairs() {
        MeanTest test = MeanTest.paired(of(2, 4, 6), of(1, 2, 3));
        assertThat(test.t()).isCloseTo(2 * Math.sqrt(3), EXACT);
        assertThat(test.df()).isEqualTo(2);
        assertThat(test.d()).isCloseTo(2, EXACT);
        // With two degrees of freedom the distribution is t / (2 sqrt(2 + t²)) + 1/2.
        assertThat(test.p()).isCloseTo(1 - test.t() / Math.sqrt(2 + test.t() * test.t()), CLOSE);
    }

    /** By hand: deviations from the means are 1, 0, 1 and 2, 0, 2; from medians the same. */
    @Test
    void variancesCompared() {
        List<Sample> groups = List.of(of(1, 2, 3), of(2, 4, 6));
        Anova byMean = Variances.levene(groups);
        assertThat(byMean.f()).isCloseTo(0.8, EXACT);
        assertThat(Variances.brownForsythe(groups).f()).isCloseTo(0.8, EXACT);
    }

    @Test
    void correlations() {
        Correlation straight = Correlation.pearson(of(1, 2, 3, 4), of(2, 4, 6, 8));
        assertThat(straight.r()).isEqualTo(1);
        assertThat(straight.p()).isZero();
        // By hand: 5 / sqrt(10 · 6.8) … sums of products 5, squares 10 and 5.2.
        Correlation some = Correlation.pearson(of(1, 2, 3, 4, 5), of(1, 3, 2, 3, 4));
        assertThat(some.r()).isCloseTo(6 / Math.sqrt(10 * 5.2), CLOSE);
        // Ranks 1 to 4 against 1, 3, 2, 4: 1 − 6 · 2 / (4 · 15).
        assertThat(Correlation.spearman(of(10, 20, 30, 1000), of(1, 30, 2, 400)).r())
                .isCloseTo(0.8, CLOSE);
    }

    /** By hand: 20, 10 / 10, 20: expected 15 each, sum 4 · 25 / 15. */
    @Test
    void association() {
        Association found = Association.of(new long[][] {{20, 10}, {10, 20}});
        assertThat(found.chiSquared()).isCloseTo(100 / 15.0, CLOSE);
        assertThat(found.df()).isEqualTo(1);
        assertThat(found.v()).isCloseTo(Math.sqrt(100 / 15.0 / 60), CLOSE);
        assertThat(found.fewExpected()).isZero();
    }

    /** Items that are the same measure one thing wholly; by hand: two items of variance 1 and covariance 0.5 have 2/3. */
    @Test
    void reliability() {
        assertThat(Reliability.of(List.of(of(1, 2, 3), of(1, 2, 3))).alpha()).isCloseTo(1, EXACT);
        assertThat(Reliability.of(List.of(of(1, 2, 3), of(2, 1, 3))).alpha()).isCloseTo(2 / 3.0, EXACT);
    }

    @Test
    void whatCannotBeComputedIsSaid() {
        assertThatThrownBy(() -> MeanTest.student(of(1), of(1, 2)))
                .isInstanceOf(NotComputableException.class)
                .hasMessage("sample has one number; it takes 2 at least.");
        assertThatThrownBy(() -> MeanTest.welch(of(3, 3), of(4, 4))).hasMessageContaining("all numbers are the same");
        assertThatThrownBy(() -> MeanTest.paired(of(1, 2), of(1, 2, 3))).hasMessageContaining("are no pairs");
        assertThatThrownBy(() -> MeanTest.paired(of(1, 2), of(2, 3))).hasMessageContaining("differ by the same");
        assertThatThrownBy(() -> Anova.of(List.of(of(1, 2)))).hasMessageContaining("two groups at least");
        assertThatThrownBy(() -> Anova.of(List.of(of(1, 1), of(2, 2)))).hasMessageContaining("no test can be made");
        assertThatThrownBy(() -> Correlation.pearson(of(1, 1, 1), of(1, 2, 3)))
                .hasMessageContaining("nothing can go together");
        assertThatThrownBy(() -> Association.of(new long[][] {{0, 0}, {1, 2}})).hasMessageContaining("counts nobody");
        assertThatThrownBy(() -> Reliability.of(List.of(of(1, 2)))).hasMessageContaining("two items at least");
        assertThatThrownBy(() -> Sample.of("none", List.of()).mean()).hasMessageContaining("0 numbers");
    }
}
