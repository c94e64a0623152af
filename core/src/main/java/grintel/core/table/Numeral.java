package grintel.core.table;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A number as a program of statistics, a spreadsheet or a person writes it.
 *
 * @param sign what stands before it: {@code <}, {@code >} or nothing
 * @param places digits after the point
 * @param marks letters and asterisks after it
 */
public record Numeral(String sign, double value, int places, String marks) {
    private static final Pattern POINTS = form(",");
    private static final Pattern COMMAS = form(".");
    private static final Pattern WITH_COMMA = Pattern.compile("[-−–<]?\\s?\\d*,(?:\\d{1,2}|\\d{4,})%?");
    private static final Pattern WITH_POINT = Pattern.compile("[-−–<]?\\s?\\d*\\.\\d+%?");
    private static final int TELLING = 500;

    private static final Set<String> MISSING = Set.of(
            "", ".", "-", "–", "—", "na", "n/a", "#n/a", "nan", "null", "none", "missing", "-99", "-999", "-9999");

    /** @param thousands the mark that may part them, beside spaces and apostrophes */
    private static Pattern form(String thousands) {
        return Pattern.compile("(?<sign>[<>≤≥=])?\\s?(?<minus>[-−–])?\\s?(?<whole>\\d{1,3}(?:[ '’\\u00A0\\u202F"
                + thousands
                + "]\\d{3})+|\\d+)?(?:(?<point>[.,])(?<rest>\\d+))?(?:[eE](?<power>[-+−]?\\d{1,3}))?\\s?%?"
                + "\\s?(?<marks>[*†‡]{1,3}|(?<=\\d)[a-z]{1,2}|\\([a-z]\\))?");
    }

    /** Whether a cell says that nothing was measured. */
    public static boolean isMissing(String cell) {
        return MISSING.contains(cell.strip().toLowerCase(Locale.ROOT));
    }

    /**
     * The number a cell holds, null where it holds none.
     *
     * @param commas whether a comma stands before the decimals
     */
    public static @Nullable Numeral of(String cell, boolean commas) {
        String plain = cell.strip();
        if (plain.isEmpty() || plain.length() > 40) {
            return null;
        }
        Matcher form = (commas ? COMMAS : POINTS).matcher(plain);
        if (!form.matches() || form.group("whole") == null && form.group("rest") == null) {
            return null;
        }
        String whole = form.group("whole") == null ? "0" : form.group("whole");
        String rest = form.group("rest") == null ? "" : form.group("rest");
        String point = form.group("point") == null ? "" : form.group("point");
        if (!point.isEmpty() && point.equals(commas ? "." : ",")) {
            return null;
        }
        String digits = whole.replaceAll("\\D", "");
        String power =
                form.group("power") == null ? "" : "e" + form.group("power").replace('−', '-');
        double value = Double.parseDouble(digits + (rest.isEmpty() ? "" : "." + rest) + power);
        if (Double.isInfinite(value)) {
            return null;
        }
        String sign = form.group("sign") == null ? "" : form.group("sign");
        String marks = form.group("marks") == null ? "" : form.group("marks");
        return new Numeral(sign, form.group("minus") == null ? value : -value, rest.length(), marks);
    }

    /** The least it can stand for: nothing where it is told to be less than another, as small probabilities are. */
    double least() {
        return sign.equals("<") ? 0 : value;
    }

    /** Whether the cells of a sheet have their decimals behind commas, as the first rows tell. */
    public static boolean commas(Sheet sheet) {
        int commas = 0;
        int points = 0;
        for (List<String> row :
                sheet.rows().subList(0, Math.min(TELLING, sheet.rows().size()))) {
            for (String cell : row) {
                commas += cell.indexOf(',') >= 0 && WITH_COMMA.matcher(cell).matches() ? 1 : 0;
                points += cell.indexOf('.') >= 0 && WITH_POINT.matcher(cell).matches() ? 1 : 0;
            }
        }
        return commas > points;
    }
}
