package grintel.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A person's account. */
@Entity
public class Account {
    @Id
    private UUID id;

    @Column(nullable = false, unique = true)
    private String email;

    @Column(nullable = false)
    private String passwordHash;

    private boolean demo;

    @Column(nullable = false)
    private Instant createdAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected Account() {}

    Account(String email, String passwordHash, boolean demo, Instant createdAt) {
        this.id = UUID.randomUUID();
        this.email = email;
        this.passwordHash = passwordHash;
        this.demo = demo;
        this.createdAt = createdAt;
    }

    public UUID id() {
        return id;
    }

    public String email() {
        return email;
    }

    String passwordHash() {
        return passwordHash;
    }

    public boolean isDemo() {
        return demo;
    }

    public Instant createdAt() {
        return createdAt;
    }
}
