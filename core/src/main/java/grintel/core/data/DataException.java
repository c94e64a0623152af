package grintel.core.data;

/** A data file says something it may not; the message is a sentence for whoever wrote the file. */
public final class DataException extends RuntimeException {
    public DataException(String message) {
        super(message);
    }
}
