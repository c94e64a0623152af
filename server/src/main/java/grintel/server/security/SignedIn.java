package grintel.server.security;

import java.io.Serializable;
import java.util.UUID;

/** Who is signed in; kept in the session. */
public record SignedIn(UUID id, String email, boolean demo) implements Serializable {}
