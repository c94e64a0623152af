package grintel.server.security;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** Who is signed in; kept in the session. */
public record SignedIn(UUID id, String email, boolean demo) implements Principal, Serializable {
    /** The account's id: it names the person in the table of sessions without telling their address. */
    @Override
    public String getName() {
        return id.toString();
    }
}
