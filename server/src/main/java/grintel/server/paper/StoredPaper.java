package grintel.server.paper;

import grintel.core.guide.Brief;
import grintel.core.guide.Guide;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

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

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private BriefChoice brief;

    private int currentStep;

    @Column(nullable = false)
    private Instant createdAt;

    @Column(nullable = false)
    private Instant changedAt;

    @Version
    private int version;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected StoredPaper() {}

    StoredPaper(UUID accountId, String title, String fileName, BriefChoice brief, Instant now) {
        this.id = UUID.randomUUID();
        this.accountId = accountId;
        this.title = title;
        this.fileName = fileName;
        this.brief = brief;
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

    Guide guide() {
        return brief.found();
    }

    /** What the paper is judged by. */
    Brief brief() {
        return brief.brief();
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

    Instant changedAt() {
        return changedAt;
    }

    /** The paper now stands at a step. */
    void standAt(int step, Instant now) {
        currentStep = step;
        changedAt = now;
    }
}
