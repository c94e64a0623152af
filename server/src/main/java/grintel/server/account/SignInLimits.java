package grintel.server.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grintel.server.problem.Problem;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Limits how often a sign-in may be tried for one address, and from one machine. */
@Component
class SignInLimits {
    private static final int TRIES_FOR_ADDRESS = 8;
    private static final int TRIES_FROM_MACHINE = 60;
    private static final Duration WINDOW = Duration.ofMinutes(10);

    private final Cache<String, Bucket> buckets =
            Caffeine.newBuilder().expireAfterAccess(WINDOW).maximumSize(100_000).build();

    /** Counts one try; refuses when there were too many. */
    void count(String email, String machine) {
        boolean address = bucket("a:" + email.strip().toLowerCase(Locale.ROOT), TRIES_FOR_ADDRESS)
                .tryConsume(1);
        boolean from = bucket("m:" + machine, TRIES_FROM_MACHINE).tryConsume(1);
        if (!address || !from) {
            throw Problem.tooMany("There were too many tries to sign in. Wait ten minutes, then try again.");
        }
    }

    /** Forgets the tries for an address after a sign-in that went well. */
    void clear(String email) {
        buckets.invalidate("a:" + email.strip().toLowerCase(Locale.ROOT));
    }

    private Bucket bucket(String key, int tries) {
        return buckets.get(
                key,
                each -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(tries).refillIntervally(tries, WINDOW))
                        .build());
    }
}
