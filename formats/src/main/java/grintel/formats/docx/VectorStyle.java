package grintel.formats.docx;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Lengths in the style attribute of the older vector mark-up (ISO 29500-4 §19.1.2.19). */
final class VectorStyle {
    private static final Pattern LENGTH = Pattern.compile("([0-9]+(?:\\.[0-9]+)?)(pt|in|cm|mm|px)?");

    private VectorStyle() {}

    /** A length of the style in EMU, 0 where it says none; a bare number counts pixels of 1/96 in. */
    static long emu(@Nullable String style, String name) {
        if (style == null) {
            return 0;
        }
        for (String each : style.split(";", -1)) {
            int colon = each.indexOf(':');
            if (colon > 0 && each.substring(0, colon).strip().equals(name)) {
                Matcher length = LENGTH.matcher(each.substring(colon + 1).strip());
                if (length.matches()) {
                    return Math.round(Double.parseDouble(length.group(1)) * emuPer(length.group(2)));
                }
            }
        }
        return 0;
    }

    private static double emuPer(@Nullable String unit) {
        return switch (String.valueOf(unit)) {
            case "pt" -> 12_700;
            case "in" -> 914_400;
            case "cm" -> 360_000;
            case "mm" -> 36_000;
            default -> 9_525;
        };
    }
}
