package grintel.core.guide;

import grintel.core.data.DataNode;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A length as a guide states it.
 *
 * @param twips the length
 * @param unit the unit it is stated in, and shown in
 */
public record Length(double twips, Unit unit) {
    private static final Pattern WRITTEN = Pattern.compile("(-?[0-9]+(?:\\.[0-9]+)?) ?(in|cm|mm|pt)");
    private static final double LARGEST_INCHES = 100;

    /** Units of length. */
    public enum Unit {
        INCHES("in", 1440),
        CENTIMETRES("cm", 1440 / 2.54),
        MILLIMETRES("mm", 144 / 2.54),
        POINTS("pt", 20);

        private final String sign;
        private final double twips;

        Unit(String sign, double twips) {
            this.sign = sign;
            this.twips = twips;
        }

        public String sign() {
            return sign;
        }

        /** Twips in one of the unit. */
        public double twips() {
            return twips;
        }
    }

    /** Reads {@code 1 in}, {@code 2.54 cm}, {@code 12 pt}. */
    static Length of(DataNode node) {
        String text = node.text();
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw node.wrong("should be a length with its unit, such as 1 in or 2.54 cm, not \"" + text + "\"");
        }
        for (Unit unit : Unit.values()) {
            if (unit.sign.equals(written.group(2))) {
                double twips = Double.parseDouble(written.group(1)) * unit.twips;
                if (Math.abs(twips) > LARGEST_INCHES * Unit.INCHES.twips) {
                    throw node.wrong("is larger than any sheet");
                }
                return new Length(twips, unit);
            }
        }
        throw new IllegalStateException("The pattern lets through a unit that is none: " + text);
    }

    /** Rounded to whole twips. */
    public int rounded() {
        return (int) Math.round(twips);
    }
}
