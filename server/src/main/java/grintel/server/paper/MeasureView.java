package grintel.server.paper;

import grintel.core.rule.Measure;
import grintel.core.rule.Units;
import grintel.core.rule.Wording;
import org.jspecify.annotations.Nullable;

/**
 * A measure.
 *
 * @param text as it is told, in the units asked for
 * @param twips for a length, so that it can be drawn; null otherwise
 */
record MeasureView(String text, @Nullable Double twips) {
    static MeasureView of(Measure measure, Units units) {
        return new MeasureView(
                Wording.told(measure, units),
                measure instanceof Measure.Distance length ? (Double) length.twips() : null);
    }
}
