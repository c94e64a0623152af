package grintel.server.account;

import grintel.server.problem.Problem;
import grintel.server.security.SecurityLog;
import grintel.server.support.Sha256;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Limits how often somebody may fail to say who they are, at all instances together. A try is counted before it is looked
 * at, so that many at once do not slip through, and taken back when it went well: a class that signs in behind one
 * address is not locked out. A browser that has signed in to an account before has tries of its own, so that nobody can
 * lock an owner out by failing in their name.
 */
@Component
class SignInLimits {
    private static final int WINDOW_SECONDS = 600;

    private final SignInTriesRepository tries;
    private final TransactionTemplate transaction;
    private final SignInProperties most;
    private final SecurityLog log;

    SignInLimits(SignInTriesRepository tries, TransactionTemplate transaction, SignInProperties most, SecurityLog log) {
        this.tries = tries;
        this.transaction = transaction;
        this.most = most;
        this.log = log;
    }

    /**
     * Counts a try to sign in.
     *
     * @param knownBrowser what tells a browser that signed in to this account before, or empty
     * @throws Problem when there were too many
     */
    Try signIn(String email, String machine, String knownBrowser) {
        if (!knownBrowser.isEmpty()) {
            return count(machine, new Limit("browser " + knownBrowser, most.forAddress()));
        }
        return count(
                machine,
                new Limit("machine " + Machines.network(machine), most.fromMachine()),
                new Limit("address " + email, most.forAddress()));
    }

    /**
     * Counts a new account.
     *
     * @throws Problem when there were too many
     */
    Try signUp(String machine) {
        return count(machine, new Limit("accounts " + Machines.network(machine), most.accountsFromMachine()));
    }

    /**
     * Counts a link asked for, or used.
     *
     * @param email the address it goes to, or empty
     * @throws Problem when there were too many
     */
    Try reset(String email, String machine) {
        Limit ofMachine = new Limit("resets " + Machines.network(machine), most.fromMachine());
        return email.isEmpty()
                ? count(machine, ofMachine)
                : count(machine, ofMachine, new Limit("reset " + email, most.forAddress()));
    }

    /**
     * Counts a try to give one's own password again.
     *
     * @throws Problem when there were too many
     */
    Try again(UUID account, String machine) {
        return count(machine, new Limit("account " + account, most.forAddress()));
    }

    /** The first limit that is passed ends it: what comes after is not even counted. */
    private Try count(String machine, Limit... limits) {
        boolean tooMany = transaction.execute(status -> {
            tries.forgetOld(WINDOW_SECONDS);
            return Arrays.stream(limits).anyMatch(limit -> tries.count(limit.digest(), WINDOW_SECONDS) > limit.most);
        });
        if (tooMany) {
            // Thrown only now, for what was counted stays counted.
            log.machine(SecurityLog.Event.TOO_MANY_TRIES, machine);
            throw Problem.tooMany("There were too many tries. Wait ten minutes, then try again.");
        }
        return new Try(List.of(limits));
    }

    private record Limit(String key, int most) {
        byte[] digest() {
            return Sha256.of(key);
        }
    }

    /** A try that was counted. */
    final class Try {
        private final List<Limit> limits;

        private Try(List<Limit> limits) {
            this.limits = limits;
        }

        /** It went well, and does not count. */
        void wentWell() {
            transaction.executeWithoutResult(status -> limits.forEach(limit -> tries.takeBack(limit.digest())));
        }
    }
}
