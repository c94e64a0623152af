package grintel.server.paper;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A numbered proof: the file as it was when it was brought or handed back. */
@Entity
@Table(name = "proof")
class StoredProof {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID paperId;

    private int number;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Reason reason;

    @Column(nullable = false)
    private UUID manuscriptId;

    @Column(nullable = false)
    private Instant madeAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected StoredProof() {}

    StoredProof(UUID paperId, int number, Reason reason, UUID manuscriptId, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.paperId = paperId;
        this.number = number;
        this.reason = reason;
        this.manuscriptId = manuscriptId;
        this.madeAt = madeAt;
    }

    UUID id() {
        return id;
    }

    UUID paperId() {
        return paperId;
    }

    int number() {
        return number;
    }

    Reason reason() {
        return reason;
    }

    UUID manuscriptId() {
        return manuscriptId;
    }

    Instant madeAt() {
        return madeAt;
    }

    /** Why a proof was made. */
    enum Reason {
        BROUGHT,
        HANDED_BACK
    }
}
