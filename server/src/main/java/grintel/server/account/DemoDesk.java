package grintel.server.account;

import java.util.UUID;

/** What lies on the desk of a visitor of the demo. */
public interface DemoDesk {
    /** Lays it on the desk of an account that is new. */
    void lay(UUID account);
}
