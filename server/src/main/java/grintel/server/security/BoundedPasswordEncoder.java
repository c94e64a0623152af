package grintel.server.security;

import grintel.server.support.Gate;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Hashes few passwords at a time: each takes 19 MB of memory on purpose. */
final class BoundedPasswordEncoder implements PasswordEncoder {
    private final PasswordEncoder encoder;
    private final Gate gate = new Gate(2, 90, "Many people are signing in just now. Try again in a minute.");

    BoundedPasswordEncoder(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    @Override
    public @Nullable String encode(@Nullable CharSequence password) {
        return gate.through(() -> encoder.encode(password));
    }

    @Override
    public boolean matches(@Nullable CharSequence password, @Nullable String hash) {
        return gate.through(() -> encoder.matches(password, hash));
    }

    /** Whether a hash was made at a lower cost than is recommended now. */
    @Override
    public boolean upgradeEncoding(@Nullable String hash) {
        return encoder.upgradeEncoding(hash);
    }
}
