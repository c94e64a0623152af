package grintel.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** How often a sign-in was tried lately for one address or from one machine. */
@Entity
@Table(name = "sign_in_tries")
class SignInTries {
    /** A digest, so that the table tells no addresses. */
    @Id
    private byte[] key;

    private int tries;

    @Column(nullable = false)
    private Instant since;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected SignInTries() {}

    int tries() {
        return tries;
    }

    Instant since() {
        return since;
    }
}
