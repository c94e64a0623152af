package grintel.formats.docx;

import grintel.formats.xml.XmlElement;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The simple types of the format (ISO 29500-1 §22.9.2). What cannot be read counts as not said. */
final class Values {
    private static final Pattern MEASURE = Pattern.compile("(-?[0-9]+(?:\\.[0-9]+)?)(mm|cm|in|pt|pc|pi)");
    /** The largest length any sheet or spacing has, 22 in (§17.18.81), with room to spare. */
    private static final int LARGEST_TWIPS = 100_000;

    private Values() {}

    /** Whether a switch is on: present and not said to be off. */
    static boolean on(XmlElement element) {
        String value = element.attribute("val");
        return value == null || !(value.equals("0") || value.equals("false") || value.equals("off"));
    }

    /** A length in twips, written as a number of twips or with a unit. */
    static @Nullable Integer twips(@Nullable String text) {
        if (text == null) {
            return null;
        }
        Matcher measure = MEASURE.matcher(text);
        double twips;
        if (measure.matches()) {
            twips = Double.parseDouble(measure.group(1)) * twipsPer(measure.group(2));
        } else {
            try {
                twips = Double.parseDouble(text);
            } catch (NumberFormatException e) {
                return null;
            }
        }
        return Double.isNaN(twips) ? null : (int) Math.round(Math.max(-LARGEST_TWIPS, Math.min(LARGEST_TWIPS, twips)));
    }

    /** A type size in half-points, within what can be set. */
    static @Nullable Integer halfPoints(@Nullable String text) {
        if (text == null) {
            return null;
        }
        Matcher measure = MEASURE.matcher(text);
        double halfPoints;
        if (measure.matches()) {
            halfPoints = Double.parseDouble(measure.group(1)) * twipsPer(measure.group(2)) / 10;
        } else {
            try {
                halfPoints = Double.parseDouble(text);
            } catch (NumberFormatException e) {
                return null;
            }
        }
        return Double.isNaN(halfPoints) ? null : (int) Math.round(Math.max(2, Math.min(3276, halfPoints)));
    }

    /** A whole number, cut off at a million on either side. */
    static @Nullable Integer integer(@Nullable String text) {
        if (text == null) {
            return null;
        }
        try {
            return (int) Math.max(-1_000_000, Math.min(1_000_000, Math.round(Double.parseDouble(text))));
        } catch (NumberFormatException e) {
            return null;
        }
    }

    /** A size in EMU; 0 where it cannot be read. */
    static long emu(@Nullable String text) {
        if (text == null) {
            return 0;
        }
        try {
            return Math.max(0, Math.min(1L << 40, Long.parseLong(text)));
        } catch (NumberFormatException e) {
            return 0;
        }
    }

    /** A position in EMU, which may be negative; 0 where it cannot be read. */
    static long signedEmu(String text) {
        String number = text.strip();
        return number.startsWith("-") ? -emu(number.substring(1)) : emu(number);
    }

    private static double twipsPer(String unit) {
        return switch (unit) {
            case "in" -> 1440;
            case "cm" -> 1440 / 2.54;
            case "mm" -> 144 / 2.54;
            case "pc", "pi" -> 240;
            default -> 20;
        };
    }
}
