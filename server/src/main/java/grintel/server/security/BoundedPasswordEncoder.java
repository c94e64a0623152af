package grintel.server.security;

import grintel.server.problem.Problem;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Hashes few passwords at a time: each takes 16 MB of memory on purpose. */
final class BoundedPasswordEncoder implements PasswordEncoder {
    private static final int AT_ONCE = 2;
    private static final int PATIENCE_SECONDS = 10;

    private final PasswordEncoder encoder;
    private final Semaphore places = new Semaphore(AT_ONCE, true);

    BoundedPasswordEncoder(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    @Override
    public @Nullable String encode(@Nullable CharSequence password) {
        return bounded(() -> encoder.encode(password));
    }

    @Override
    public boolean matches(@Nullable CharSequence password, @Nullable String hash) {
        return bounded(() -> encoder.matches(password, hash));
    }

    private <T extends @Nullable Object> T bounded(Supplier<T> hashing) {
        boolean entered = false;
        try {
            entered = places.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS);
            if (!entered) {
                throw Problem.tooMany("Many people are signing in just now. Try again in a minute.");
            }
            return hashing.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Problem.tooMany("Grintel is being stopped. Try again in a minute.");
        } finally {
            if (entered) {
                places.release();
            }
        }
    }
}
