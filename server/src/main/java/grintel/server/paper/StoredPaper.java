package grintel.server.paper;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A paper somebody brought, and where in its steps it stands. */
@Entity
@Table(name = "paper")
class StoredPaper {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID accountId;

    @Column(nullable = false)
    private String title;

    @Column(nullable = false)
    private String fileName;

    private int currentStep;

    @Column(nullable = false)
    private Instant createdAt;

    @Column(nullable = false)
    private Instant changedAt;

    private @Nullable Instant deletedAt;

    @Version
    private int version;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected StoredPaper() {}

    StoredPaper(UUID accountId, String title, String fileName, Instant now) {
        this.id = UUID.randomUUID();
        this.accountId = accountId;
        this.title = title;
        this.fileName = fileName;
        this.createdAt = now;
        this.changedAt = now;
    }

    UUID id() {
        return id;
    }

    UUID accountId() {
        return accountId;
    }

    String title() {
        return title;
    }

    String fileName() {
        return fileName;
    }

    int currentStep() {
        return currentStep;
    }

    /**
     * Counts the changes of the paper. The number of a step can come to mean another step once steps were dropped; a
     * revision means one state for good.
     */
    int revision() {
        return version;
    }

    Instant createdAt() {
        return createdAt;
    }

    Instant changedAt() {
        return changedAt;
    }

    void rename(String to) {
        title = to;
    }

    /** The paper is out of sight, and taken away later. */
    void delete(Instant now) {
        deletedAt = now;
    }

    boolean isDeleted() {
        return deletedAt != null;
    }

    void takeBack() {
        deletedAt = null;
    }

    /** The paper now stands at a step. */
    void standAt(int step, Instant now) {
        currentStep = step;
        changedAt = now;
    }
}
