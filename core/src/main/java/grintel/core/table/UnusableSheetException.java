package grintel.core.table;

/** What came in cannot be made a table; the message says why, for the person who brought it. */
public final class UnusableSheetException extends RuntimeException {
    public UnusableSheetException(String why) {
        super(why);
    }
}
