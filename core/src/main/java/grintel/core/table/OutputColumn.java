package grintel.core.table;

import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What a program calls a column, and what becomes of it. */
enum OutputColumn {
    COUNT("n", "n|valid n|count|frequency"),
    MEAN("M", "mean|m"),
    DEVIATION("SD", "(?:std\\.?|standard) dev(?:iation|\\.)?|sd|stddev"),
    MEAN_ERROR("SEM", "(?:std\\.?|standard) error (?:of the )?mean|s\\.?e\\. mean|sem"),
    ERROR("SE", "(?:std\\.?|standard) error|se|s\\.e\\."),
    MEDIAN("Mdn", "median|mdn"),
    LEAST("Min", "min(?:imum)?\\.?"),
    MOST("Max", "max(?:imum)?\\.?"),
    SQUARES("SS", "(?:type iii )?sum of squares|sum sq|ss"),
    SQUARE("MS", "mean square|mean sq|ms"),
    DEGREES("df", "df|d\\.f\\."),
    F("F", "f|f value"),
    T("t", "t|t value"),
    P("p", "sig\\.?(?: \\(.*\\))?|p|p[ .]?adj(?:usted)?|p[ -]?value|pr\\(>.*\\)|two-sided p"),
    B("B", "b|estimate"),
    BETA("β", "beta|β|standardized coefficients beta"),
    R("r", "r|pearson correlation"),
    D("d", "d|cohen[’']?s d"),
    PERCENT("%", "percent|%"),
    DIFFERENCE("Difference", "(?:mean )?diff(?:erence)?(?: \\(i-j\\))?"),
    LOWER("LL", "lower(?: bound)?|lwr|ll|2\\.5 ?%"),
    UPPER("UL", "upper(?: bound)?|upr|ul|97\\.5 ?%"),
    LEFT_OUT("", "valid percent|cumulative percent|one-sided p");

    private final String symbol;
    private final Pattern names;

    OutputColumn(String symbol, String names) {
        this.symbol = symbol;
        this.names = Pattern.compile(names);
    }

    static @Nullable OutputColumn of(String head) {
        String plain = head.strip().toLowerCase(Locale.ROOT).replaceAll("[*†a]?$", "");
        for (OutputColumn each : values()) {
            if (each.names.matcher(plain).matches()
                    || each.names.matcher(head.strip().toLowerCase(Locale.ROOT)).matches()) {
                return each;
            }
        }
        return null;
    }

    boolean isSlanted() {
        return symbol.matches("[A-Za-z]+")
                && this != LEAST
                && this != MOST
                && this != LOWER
                && this != UPPER
                && this != DIFFERENCE;
    }

    /** Its symbol, empty for a column that no reader needs. */
    String symbol() {
        return symbol;
    }
}
