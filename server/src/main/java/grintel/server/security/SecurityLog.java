package grintel.server.security;

import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.spi.LoggingEventBuilder;
import org.springframework.stereotype.Component;

/**
 * Keeps what happened at the door: who came in, who was refused, what was deleted. It names accounts by their id and
 * never holds what somebody typed, who may have put a password into the wrong field.
 */
@Component
public class SecurityLog {
    private static final Logger LOG = LoggerFactory.getLogger("grintel.security");

    /** Something an account did, or that was done to it. */
    public void account(Event event, UUID account) {
        line(event).addKeyValue("account", account).log(event.words);
    }

    /** Something that came from a machine and belongs to no account. */
    public void machine(Event event, String machine) {
        line(event).addKeyValue("machine", machine).log(event.words);
    }

    /** Something an account did from a machine, or somebody in its name. */
    public void account(Event event, UUID account, String machine) {
        line(event)
                .addKeyValue("account", account)
                .addKeyValue("machine", machine)
                .log(event.words);
    }

    private static LoggingEventBuilder line(Event event) {
        return (event.refusal ? LOG.atWarn() : LOG.atInfo()).addKeyValue("event", event.name());
    }

    /** What is kept. */
    public enum Event {
        SIGNED_IN(false, "Signed in"),
        SIGNED_UP(false, "Account opened"),
        SIGNED_OUT(false, "Signed out"),
        WRONG_PASSWORD(true, "Wrong password"),
        TOO_MANY_TRIES(true, "Too many tries"),
        REFUSED(true, "Refused"),
        RESET_ASKED(false, "New password asked for"),
        PASSWORD_CHANGED(false, "Password changed"),
        PAPER_DELETED(false, "Paper deleted"),
        ACCOUNT_CLOSED(false, "Account closed");

        private final boolean refusal;
        private final String words;

        Event(boolean refusal, String words) {
            this.refusal = refusal;
            this.words = words;
        }
    }
}
