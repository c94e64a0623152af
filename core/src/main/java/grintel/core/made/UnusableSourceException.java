package grintel.core.made;

/** What came in cannot be made into a table or a figure; the message says why, for the person who brought it. */
public final class UnusableSourceException extends RuntimeException {
    public UnusableSourceException(String why) {
        super(why);
    }
}
