package grintel.server.support;

import java.security.SecureRandom;
import java.util.Base64;

/** Makes what nobody guesses. */
public final class Tokens {
    private static final SecureRandom RANDOM = new SecureRandom();

    private Tokens() {}

    /** So many random bytes, in letters that stand in cookies and addresses as they are. */
    public static String make(int bytes) {
        byte[] token = new byte[bytes];
        RANDOM.nextBytes(token);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(token);
    }
}
