package grintel.core.language;

import grintel.core.guide.demand.OpeningDemands.DateOrder;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Dates as people write them. */
public final class Dates {
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");
    private static final String MONTH = "(?<month>(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?)";
    private static final String DAY = "(?<day>\\d{1,2})(?:st|nd|rd|th)?\\.?";
    private static final String YEAR = "(?<year>\\d{4})";
    private static final String WEEKDAY = "(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day,?\\s+)?(?:the\\s+)?";
    private static final Pattern DAY_FIRST = Pattern.compile(
            "(?i)\\b" + WEEKDAY + DAY + "(?:\\s+of\\s+|[-\\s]\\s*)" + MONTH + ",?[-\\s]\\s*" + YEAR + "\\b");
    private static final Pattern MONTH_FIRST =
            Pattern.compile("(?i)\\b" + WEEKDAY + MONTH + "\\s+(?:the\\s+)?" + DAY + ",?\\s+" + YEAR + "\\b");
    private static final Pattern YEAR_FIRST =
            Pattern.compile("\\b(?<year>\\d{4})[-./](?<one>\\d{1,2})[-./](?<two>\\d{1,2})\\b");
    private static final Pattern NUMBERS =
            Pattern.compile("\\b(?<one>\\d{1,2})[-./](?<two>\\d{1,2})[-./](?<year>\\d{4}|\\d{2})\\b");
    private static final DateTimeFormatter MONTH_DAY = DateTimeFormatter.ofPattern("MMMM d, uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_MONTH = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private Dates() {}

    /**
     * A date in a line.
     *
     * @param from where it starts
     * @param to after its end
     * @param date the day it means, null where two numbers may be day and month either way, or where there is no such day
     */
    public record Found(int from, int to, @Nullable LocalDate date) {}

    /** The first date of a line, or null. */
    public static @Nullable Found find(String line) {
        for (Pattern pattern : List.of(MONTH_FIRST, DAY_FIRST)) {
            Matcher matcher = pattern.matcher(line);
            if (matcher.find()) {
                int month =
                        MONTHS.indexOf(matcher.group("month").substring(0, 3).toLowerCase(Locale.ROOT)) + 1;
                return found(matcher, year(matcher), month, Integer.parseInt(matcher.group("day")));
            }
        }
        Matcher matcher = YEAR_FIRST.matcher(line);
        if (matcher.find()) {
            return found(matcher, year(matcher), number(matcher, "one"), number(matcher, "two"));
        }
        matcher = NUMBERS.matcher(line);
        if (!matcher.find()) {
            return null;
        }
        int one = number(matcher, "one");
        int two = number(matcher, "two");
        boolean either = one <= 12 && two <= 12 && one != two;
        return either
                ? new Found(matcher.start(), matcher.end(), null)
                : found(matcher, year(matcher), Math.min(one, two), Math.max(one, two));
    }

    private static int number(Matcher matcher, String group) {
        return Integer.parseInt(matcher.group(group));
    }

    private static int year(Matcher matcher) {
        int year = number(matcher, "year");
        return year < 100 ? 2000 + year : year;
    }

    private static Found found(Matcher matcher, int year, int month, int day) {
        try {
            return new Found(matcher.start(), matcher.end(), LocalDate.of(year, month, day));
        } catch (DateTimeException e) {
            return new Found(matcher.start(), matcher.end(), null);
        }
    }

    /** Whether a date is written as an order asks: its month spelled out, and nothing about it that the form does not have. */
    public static boolean isWritten(String words, LocalDate date, DateOrder order) {
        return switch (order) {
            case MONTH_DAY_YEAR -> words.equals(date.format(MONTH_DAY));
            case DAY_MONTH_YEAR -> words.equals(date.format(DAY_MONTH));
            case EITHER -> words.equals(date.format(MONTH_DAY)) || words.equals(date.format(DAY_MONTH));
        };
    }

    /** A date written as an order asks; where either will do, month first. */
    public static String write(LocalDate date, DateOrder order) {
        return date.format(order == DateOrder.DAY_MONTH_YEAR ? DAY_MONTH : MONTH_DAY);
    }
}
