package grintel.server.support;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** The digest SHA-256 (FIPS 180-4). */
public final class Sha256 {
    private Sha256() {}

    /** The digest of a text in UTF-8. */
    public static byte[] of(String text) {
        return of(text.getBytes(StandardCharsets.UTF_8));
    }

    public static byte[] of(byte[] bytes) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(bytes);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
