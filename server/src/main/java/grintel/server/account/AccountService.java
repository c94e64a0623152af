package grintel.server.account;

import grintel.server.problem.Problem;
import java.time.Clock;
import java.time.Duration;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes, finds and ends accounts. Passwords are hashed outside of transactions, so that who waits for it keeps nobody
 * from the database.
 */
@Service
public class AccountService {
    private static final Duration DEMO_LASTS = Duration.ofDays(1);

    private final AccountRepository accounts;
    private final PasswordEncoder passwords;
    private final PasswordStrength strength;
    private final Clock clock;
    private final String nobodysHash;

    AccountService(AccountRepository accounts, PasswordEncoder passwords, PasswordStrength strength, Clock clock) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.strength = strength;
        this.clock = clock;
        // Compared with where no account is, so that time does not tell which addresses have one.
        this.nobodysHash = String.valueOf(passwords.encode(UUID.randomUUID().toString()));
    }

    /**
     * A new account.
     *
     * @throws Problem when there is one of this address, or the password is too easy to guess
     */
    public Account open(String email, String password) {
        String address = normal(email);
        strength.check(password, address);
        if (accounts.findByEmail(address).isPresent()) {
            throw taken();
        }
        Account account = new Account(address, hash(password), false, clock.instant());
        try {
            return accounts.saveAndFlush(account);
        } catch (DataIntegrityViolationException e) {
            // Somebody else was quicker.
            throw taken();
        }
    }

    private static Problem taken() {
        return Problem.conflict("There is an account with this address already. Sign in, or use another address.");
    }

    /** The account of an address, if the password is right; null otherwise. */
    public @Nullable Account verify(String email, String password) {
        Account account = accounts.findByEmail(normal(email)).orElse(null);
        boolean right = passwords.matches(password, account == null ? nobodysHash : account.passwordHash());
        if (account == null || !right || account.isDemo()) {
            return null;
        }
        if (passwords.upgradeEncoding(account.passwordHash())) {
            accounts.changePassword(account.id(), hash(password));
        }
        return account;
    }

    /** An account of its own for a visitor of the demo; nobody signs in to it again. */
    public Account openDemo() {
        String address = "visitor-" + UUID.randomUUID() + "@brackwater.example";
        return accounts.saveAndFlush(new Account(address, nobodysHash, true, clock.instant()));
    }

    /** Takes away the accounts of visitors who came more than a day ago, with all they hold. */
    public void sweep() {
        accounts.deleteDemosOpenedBefore(clock.instant().minus(DEMO_LASTS));
    }

    public Account get(UUID id) {
        return accounts.findById(id).orElseThrow(AccountService::signInAgain);
    }

    /** Lets one changing transaction of an account after the other in; held until the transaction ends. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void lock(UUID id) {
        if (accounts.lock(id).isEmpty()) {
            throw signInAgain();
        }
    }

    private static Problem signInAgain() {
        return Problem.unauthorized("Sign in again.");
    }

    /** Changes a password, if the present one is right. */
    public void changePassword(UUID id, String current, String next) {
        replacePassword(own(id, current), next);
    }

    /**
     * Sets a password without asking for the present one.
     *
     * @throws Problem when it is too easy to guess
     */
    void setPassword(UUID id, String next) {
        replacePassword(get(id), next);
    }

    private void replacePassword(Account account, String next) {
        strength.check(next, account.email());
        // An account that was closed in the meantime does not come back.
        if (accounts.changePassword(account.id(), hash(next)) == 0) {
            throw signInAgain();
        }
    }

    /** Ends an account with everything it owns, if the password is right. */
    public void close(UUID id, String password) {
        accounts.delete(own(id, password));
    }

    private Account own(UUID id, String password) {
        Account account = get(id);
        if (account.isDemo()) {
            throw Problem.conflict("A visitor's desk has no password; it is cleared after a day.");
        }
        if (!passwords.matches(password, account.passwordHash())) {
            throw Problem.badRequest("The present password is not right.");
        }
        return account;
    }

    private String hash(String password) {
        return String.valueOf(passwords.encode(password));
    }

    /** An address as it is kept and compared. */
    static String normal(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }
}
