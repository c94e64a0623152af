package grintel.server.account;

import grintel.server.mail.Post;
import grintel.server.problem.Problem;
import grintel.server.support.Sha256;
import grintel.server.support.Tokens;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Lets somebody who forgot the password set a new one, by a link that goes to the account's address, holds for an hour
 * and once. Of what the link holds a digest is kept.
 */
@Component
class PasswordResets {
    private static final int BYTES = 32;
    private static final Duration HOLDS = Duration.ofHours(1);

    private final AccountRepository accounts;
    private final AccountService service;
    private final JdbcClient database;
    private final Post post;
    private final Clock clock;
    private final String desk;

    /** @param desk the address at which people find the application */
    PasswordResets(
            AccountRepository accounts,
            AccountService service,
            JdbcClient database,
            Post post,
            Clock clock,
            @Value("${grintel.url}") String desk) {
        this.accounts = accounts;
        this.service = service;
        this.database = database;
        this.post = post;
        this.clock = clock;
        this.desk = desk.replaceAll("/+$", "");
    }

    /** Whether links can be sent. */
    boolean areOffered() {
        return post.isOpen();
    }

    /** Sends a link to an address that has an account; nothing tells whether it has. */
    @Transactional
    public void ask(String email) {
        accounts.findByEmail(AccountService.normal(email))
                .filter(account -> !account.isDemo())
                .ifPresent(account -> {
                    String token = Tokens.make(BYTES);
                    forget(account.id());
                    database.sql("insert into password_reset (digest, account_id, made_at) values (?, ?, ?)")
                            .params(Sha256.of(token), account.id(), Timestamp.from(clock.instant()))
                            .update();
                    post.send(account.email(), "A new password for Grintel", """
                            Somebody, you perhaps, asked for a new password for this address at Grintel.
                            Set it within an hour at

                            %s/new-password#%s

                            If it was not you, do nothing: the password stays as it is.
                            """.formatted(desk, token));
                });
    }

    /**
     * Sets a new password.
     *
     * @return the account
     * @throws Problem when the link does not hold any more, or the password is too easy to guess
     */
    UUID set(String token, String password) {
        UUID account = database.sql("select account_id from password_reset where digest = ? and made_at > ?")
                .params(Sha256.of(token), Timestamp.from(clock.instant().minus(HOLDS)))
                .query(UUID.class)
                .optional()
                .orElseThrow(() -> Problem.notFound("This link does not hold any more. Ask for a new one."));
        service.setPassword(account, password);
        forget(account);
        return account;
    }

    private void forget(UUID account) {
        database.sql("delete from password_reset where account_id = ?")
                .param(account)
                .update();
    }
}
