package grintel.core.table.statistics;

/** A statistic cannot be computed of these numbers; the message says why, for the person who asked. */
public final class NotComputableException extends RuntimeException {
    NotComputableException(String why) {
        super(why);
    }
}
