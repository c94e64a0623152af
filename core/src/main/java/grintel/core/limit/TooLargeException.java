package grintel.core.limit;

/** The paper is too large to be laid out within the bounds; the message says so in a sentence for the writer. */
public final class TooLargeException extends RuntimeException {
    public TooLargeException(String message) {
        super(message);
    }
}
