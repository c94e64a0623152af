package grintel.core.rule;

import grintel.core.guide.value.Length;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * What was measured, or what is asked.
 *
 * @param text as shown, with its unit
 * @param number the value where it is a number: twips for a length, else as shown; null for words
 * @param length whether it is a length, which may be shown in inches or centimetres
 */
public record Quantity(String text, @Nullable Double number, boolean length) {
    /** A length shown in a unit, to hundredths; points to tenths. */
    public static Quantity length(double twips, Length.Unit unit) {
        int places = unit == Length.Unit.POINTS || unit == Length.Unit.MILLIMETRES ? 1 : 2;
        return new Quantity(plain(twips / unit.twips(), places) + " " + unit.sign(), twips, true);
    }

    /** A length as a guide states it. */
    public static Quantity length(Length length) {
        return length(length.twips(), length.unit());
    }

    /** A multiple of a line. */
    public static Quantity lines(double lines) {
        String number = plain(lines, 2);
        return new Quantity(number + (number.equals("1") ? " line" : " lines"), lines, false);
    }

    /** A type size in points. */
    public static Quantity points(double points) {
        return new Quantity(plain(points, 1) + " pt", points * 20, true);
    }

    /** A count of things. */
    public static Quantity count(int number, String things) {
        return new Quantity(number + " " + things, (double) number, false);
    }

    /** Something that has no number. */
    public static Quantity words(String text) {
        return new Quantity(text, null, false);
    }

    /** A number to so many places, without zeros at its end. */
    static String plain(double value, int places) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
