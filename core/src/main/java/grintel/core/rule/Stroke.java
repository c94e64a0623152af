package grintel.core.rule;

import grintel.core.guide.value.Length;
import grintel.core.guide.value.Worded;
import grintel.core.typeset.Millipoints;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A distance measured on a page: from one edge to another, and where the second would be if it were as asked. It may be
 * drawn anywhere in a band across it, best at the band's near end. Millipoints from the sheet's top left corner.
 *
 * @param quantity what it measures, a key of the wording
 * @param reading key of the reading it belongs to, or null
 * @param from the edge measured from, along the axis
 * @param to the edge measured to
 * @param asked where that edge should be; null where it is there
 * @param near the end of the band, across the axis, at which it is drawn where nothing is in the way
 * @param far the other end
 * @param is what is said of it; null where it is its own length
 * @param ought what is asked, said of the asked edge; null where it is that length
 */
public record Stroke(
        String quantity,
        @Nullable String reading,
        Axis axis,
        int from,
        int to,
        @Nullable Integer asked,
        int near,
        int far,
        @Nullable Measure is,
        @Nullable Measure ought) {
    /** The direction a distance is measured in. */
    public enum Axis implements Worded {
        ACROSS,
        DOWN
    }

    /** A distance across the page, drawn between two heights. */
    public static Stroke across(String quantity, int from, int to, int near, int far) {
        return new Stroke(quantity, null, Axis.ACROSS, from, to, null, near, far, null, null);
    }

    /** A distance down the page, drawn between two places across. */
    public static Stroke down(String quantity, int from, int to, int near, int far) {
        return new Stroke(quantity, null, Axis.DOWN, from, to, null, near, far, null, null);
    }

    /**
     * This stroke as that of a rule's quantity: tied to what the rule found of it, and with its asked edge where the
     * reading is off by a length.
     */
    public Stroke of(List<Reading> readings) {
        Reading found = find(readings);
        if (found == null) {
            return this;
        }
        Integer edge = null;
        if (found.off() && found.asked() instanceof Measure.Distance length) {
            int distance = (int) Math.round(length.twips() * Millipoints.PER_TWIP);
            edge = to >= from ? from + distance : from - distance;
        }
        // What the guide states in points is said in points on the page too.
        boolean inPoints =
                is == null && found.asked() instanceof Measure.Distance length && length.unit() == Length.Unit.POINTS;
        return new Stroke(
                quantity,
                found.key(),
                axis,
                from,
                to,
                edge,
                near,
                far,
                inPoints ? Measure.distance(Millipoints.toTwips(Math.abs(to - from)), Length.Unit.POINTS) : is,
                inPoints && edge != null ? found.asked() : ought);
    }

    private @Nullable Reading find(List<Reading> readings) {
        Reading met = null;
        for (Reading reading : readings) {
            if (reading.quantity().equals(quantity)) {
                if (reading.off()) {
                    return reading;
                }
                met = reading;
            }
        }
        return met;
    }

    /** This stroke of a reading, said as that says it. */
    public Stroke of(Reading reading, @Nullable Integer askedEdge) {
        return new Stroke(quantity, reading.key(), axis, from, to, askedEdge, near, far, reading.is(), reading.asked());
    }
}
