package grintel.core.typeset;

/** The paper is too large to be laid out within the bounds; the message says so in a sentence for the writer. */
public final class LayoutTooLargeException extends RuntimeException {
    public LayoutTooLargeException(String message) {
        super(message);
    }
}
