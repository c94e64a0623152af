package grintel.core.table;

import org.jspecify.annotations.Nullable;

/** What a program calls a column, and what becomes of it. */
enum OutputColumn {
    COUNT("n"),
    MEAN("M"),
    DEVIATION("SD"),
    MEAN_ERROR("SEM"),
    ERROR("SE"),
    MEDIAN("Mdn"),
    LEAST("Min"),
    MOST("Max"),
    SQUARES("SS"),
    SQUARE("MS"),
    DEGREES("df"),
    F("F"),
    T("t"),
    P("p"),
    B("B"),
    BETA("β"),
    R("r"),
    D("d"),
    PERCENT("%"),
    DIFFERENCE("Difference"),
    LOWER("LL"),
    UPPER("UL"),
    LEFT_OUT("");

    private final String symbol;

    OutputColumn(String symbol) {
        this.symbol = symbol;
    }

    /** The column that bears a name, null for a name that no program gives. */
    static @Nullable OutputColumn of(String head) {
        return PrintedNames.column(head);
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
