package grintel.core.guide.value;

import grintel.core.data.DataNode;
import java.math.BigDecimal;
import java.math.RoundingMode;
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
        if (!WRITTEN.matcher(text).matches()) {
            throw node.wrong("should be a length with its unit, such as 1 in or 2.54 cm, not \"" + text + "\"");
        }
        return parse(text);
    }

    /** @throws IllegalArgumentException when the text is no length with a unit */
    public static Length parse(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (written.matches()) {
            for (Unit unit : Unit.values()) {
                if (unit.sign.equals(written.group(2))) {
                    return new Length(Double.parseDouble(written.group(1)) * unit.twips, unit);
                }
            }
        }
        throw new IllegalArgumentException("No length: " + text);
    }

    /** Rounded to whole twips. */
    public int rounded() {
        return (int) Math.round(twips);
    }

    /** As files write it, to hundredths of the unit. */
    @Override
    public String toString() {
        BigDecimal number = BigDecimal.valueOf(twips / unit.twips).setScale(2, RoundingMode.HALF_UP);
        return (number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString()) + " " + unit.sign;
    }
}
