package grintel.server.paper;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
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
        this.hash = hash(content);
        this.size = content.length;
        this.content = content;
    }

    /** The SHA-256 of a file. */
    static byte[] hash(byte[] content) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(content);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    UUID id() {
        return id;
    }

    UUID accountId() {
        return accountId;
    }

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
