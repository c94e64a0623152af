package grintel.server.paper;

import grintel.server.support.Sha256;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A file of an account, kept once however many steps and proofs point at it. */
@Entity
class Manuscript {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID accountId;

    @Column(nullable = false)
    private byte[] hash;

    private int size;

    @Column(nullable = false)
    private byte[] content;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected Manuscript() {}

    Manuscript(UUID accountId, byte[] content) {
        this.id = UUID.randomUUID();
        this.accountId = accountId;
        this.hash = Sha256.of(content);
        this.size = content.length;
        this.content = content;
    }

    UUID id() {
        return id;
    }

    UUID accountId() {
        return accountId;
    }

    /** The SHA-256 of the content. */
    byte[] hash() {
        return hash;
    }

    /** Bytes of the content. */
    int size() {
        return size;
    }

    byte[] content() {
        return content;
    }
}
