package grintel.server.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import grintel.server.problem.Problem;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Refuses passwords that are soon guessed: common ones from the lists that come with zxcvbn, rows of keys, names, and the
 * account's own address.
 */
@Component
class PasswordStrength {
    /** Of five classes from 0; those below 2 take fewer than a million guesses. */
    private static final int LEAST_SCORE = 2;

    /** Looking for patterns takes longer than in proportion; what follows only adds to the strength. */
    private static final int LOOKED_AT = 64;

    private final Zxcvbn estimator = new Zxcvbn();

    /** @throws Problem when a password is too easy to guess */
    void check(String password, String email) {
        String start = password.substring(0, Math.min(LOOKED_AT, password.length()));
        String local = email.substring(0, Math.max(0, email.indexOf('@')));
        if (estimator.measure(start, List.of(email, local, "grintel")).getScore() < LEAST_SCORE) {
            throw Problem.badRequest("This password is easy to guess: it is among common ones or made of your address."
                    + " Take another, such as four words that have nothing to do with each other.");
        }
    }
}
