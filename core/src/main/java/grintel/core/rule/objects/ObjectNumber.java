package grintel.core.rule.objects;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The number of a table or a figure.
 *
 * @param letter of the appendix it stands in, empty in the text
 * @param value from 1
 */
public record ObjectNumber(String letter, int value) {
    private static final Pattern COUNTED = Pattern.compile("(?<letter>[A-Za-z]?)[.-]?(?<digits>\\d{1,3})");
    private static final String ROMAN = "ivxl";
    private static final int[] ROMAN_VALUES = {1, 5, 10, 50};

    /** The number somebody typed, in digits or in Roman numerals; null where it is neither. */
    public static @Nullable ObjectNumber of(String typed) {
        Matcher counted = COUNTED.matcher(typed);
        if (counted.matches()) {
            int value = Integer.parseInt(counted.group("digits"));
            return value == 0 ? null : new ObjectNumber(counted.group("letter").toUpperCase(Locale.ROOT), value);
        }
        int value = roman(typed.toLowerCase(Locale.ROOT));
        return value > 0 ? new ObjectNumber("", value) : null;
    }

    private static int roman(String digits) {
        int sum = 0;
        int greatest = 0;
        for (int i = digits.length() - 1; i >= 0; i--) {
            int at = ROMAN.indexOf(digits.charAt(i));
            if (at < 0) {
                return 0;
            }
            int value = ROMAN_VALUES[at];
            sum += value < greatest ? -value : value;
            greatest = Math.max(greatest, value);
        }
        return sum;
    }

    /** As guides have it typed. */
    public String shown() {
        return letter + value;
    }
}
