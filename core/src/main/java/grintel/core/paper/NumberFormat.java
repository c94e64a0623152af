package grintel.core.paper;

import java.util.Locale;

/** How a number of a page or a list is written (ISO 29500-1 §17.18.59), as far as papers use it. */
public enum NumberFormat {
    DECIMAL,
    DECIMAL_ZERO,
    LOWER_ROMAN,
    UPPER_ROMAN,
    LOWER_LETTER,
    UPPER_LETTER,
    ORDINAL,
    BULLET,
    NONE;

    private static final int[] ROMAN_VALUES = {1000, 900, 500, 400, 100, 90, 50, 40, 10, 9, 5, 4, 1};
    private static final String[] ROMAN_SIGNS = {"m", "cm", "d", "cd", "c", "xc", "l", "xl", "x", "ix", "v", "iv", "i"};
    private static final int LARGEST_ROMAN = 32_767;

    /** The number in this format; a number the format cannot write stands in decimal digits. */
    public String format(int number) {
        return switch (this) {
            case DECIMAL, BULLET -> Integer.toString(number);
            case DECIMAL_ZERO -> number >= 0 && number < 10 ? "0" + number : Integer.toString(number);
            case LOWER_ROMAN -> roman(number);
            case UPPER_ROMAN -> roman(number).toUpperCase(Locale.ROOT);
            case LOWER_LETTER -> letter(number);
            case UPPER_LETTER -> letter(number).toUpperCase(Locale.ROOT);
            case ORDINAL -> ordinal(number);
            case NONE -> "";
        };
    }

    private static String roman(int number) {
        if (number <= 0 || number > LARGEST_ROMAN) {
            return Integer.toString(number);
        }
        StringBuilder out = new StringBuilder();
        int rest = number;
        for (int i = 0; i < ROMAN_VALUES.length; i++) {
            while (rest >= ROMAN_VALUES[i]) {
                out.append(ROMAN_SIGNS[i]);
                rest -= ROMAN_VALUES[i];
            }
        }
        return out.toString();
    }

    /** a to z, then aa, bb and so on: the letter repeated, as the standard counts. */
    private static String letter(int number) {
        if (number <= 0 || number > 26 * 30) {
            return Integer.toString(number);
        }
        String letter = String.valueOf((char) ('a' + (number - 1) % 26));
        return letter.repeat((number - 1) / 26 + 1);
    }

    private static String ordinal(int number) {
        int teens = Math.floorMod(number, 100);
        String ending = teens >= 11 && teens <= 13
                ? "th"
                : switch (Math.floorMod(number, 10)) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
        return number + ending;
    }
}
