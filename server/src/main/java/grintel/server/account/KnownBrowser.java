package grintel.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A browser that has signed in to an account. */
@Entity
class KnownBrowser {
    /** A digest of what its cookie holds. */
    @Id
    private byte[] digest;

    @Column(nullable = false)
    private UUID accountId;

    @Column(nullable = false)
    private Instant seenAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected KnownBrowser() {}

    KnownBrowser(byte[] digest, UUID accountId, Instant seenAt) {
        this.digest = digest;
        this.accountId = accountId;
        this.seenAt = seenAt;
    }

    byte[] digest() {
        return digest;
    }

    UUID accountId() {
        return accountId;
    }

    Instant seenAt() {
        return seenAt;
    }
}
