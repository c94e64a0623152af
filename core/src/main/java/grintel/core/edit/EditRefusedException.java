package grintel.core.edit;

/** An edit cannot be made to this paper; nothing was changed. */
public final class EditRefusedException extends RuntimeException {
    public EditRefusedException(String message) {
        super(message);
    }
}
