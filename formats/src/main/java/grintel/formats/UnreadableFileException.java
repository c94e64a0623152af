package grintel.formats;

/** A file cannot be used. The message is one or two sentences for the writer: what is wrong, and what to try. */
public final class UnreadableFileException extends RuntimeException {
    public UnreadableFileException(String message) {
        super(message);
    }

    public UnreadableFileException(String message, Throwable cause) {
        super(message, cause);
    }
}
