package grintel.server.paper;

import grintel.core.rule.Measure;
import grintel.core.rule.Wording;
import org.jspecify.annotations.Nullable;

/**
 * A measure.
 *
 * @param text as it is told
 * @param twips for a length, so that it can be shown in another unit; null otherwise
 * @param number for a number that is no length
 */
record MeasureView(
        String text, @Nullable Double twips, @Nullable Double number) {

    private static final double TWIPS_PER_HALF_POINT = 10;

    static MeasureView of(Measure measure) {
        Double twips = measure instanceof Measure.Distance distance
                ? (Double) distance.twips()
                : measure instanceof Measure.Size size ? (Double) (size.halfPoints() * TWIPS_PER_HALF_POINT) : null;
        Double number = measure instanceof Measure.Lines lines
                ? (Double) lines.lines()
                : measure instanceof Measure.Count count
                        ? (Double) (double) count.number()
                        : measure instanceof Measure.Some some ? (Double) (double) some.number() : null;
        return new MeasureView(Wording.told(measure), twips, number);
    }
}
