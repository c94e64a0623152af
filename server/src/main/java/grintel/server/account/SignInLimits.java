package grintel.server.account;

import grintel.server.problem.Problem;
import grintel.server.support.Sha256;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Limits how often a sign-in may be tried for one address, and from one machine, at all instances together. */
@Component
class SignInLimits {
    private static final int WINDOW_SECONDS = 600;

    private final SignInTriesRepository tries;
    private final SignInProperties most;

    SignInLimits(SignInTriesRepository tries, SignInProperties most) {
        this.tries = tries;
        this.most = most;
    }

    /**
     * Counts one try.
     *
     * @throws Problem when there were too many
     */
    @Transactional(noRollbackFor = Problem.class)
    public void count(String email, String machine) {
        tries.forgetOld(WINDOW_SECONDS);
        int forAddress = tries.count(address(email), WINDOW_SECONDS);
        int fromMachine = tries.count(digest("machine " + machine), WINDOW_SECONDS);
        if (forAddress > most.forAddress() || fromMachine > most.fromMachine()) {
            throw Problem.tooMany("There were too many tries to sign in. Wait ten minutes, then try again.");
        }
    }

    /** Forgets the tries for an address after a sign-in that went well. */
    @Transactional
    public void clear(String email) {
        tries.forget(address(email));
    }

    private static byte[] address(String email) {
        return digest("address " + email.strip().toLowerCase(Locale.ROOT));
    }

    private static byte[] digest(String key) {
        return Sha256.of(key.getBytes(StandardCharsets.UTF_8));
    }
}
