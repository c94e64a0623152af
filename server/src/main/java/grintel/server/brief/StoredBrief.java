package grintel.server.brief;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The brief an account is working on. */
@Entity
@Table(name = "brief")
class StoredBrief {
    @Id
    private UUID accountId;

    @Column(nullable = false)
    @JdbcTypeCode(SqlTypes.JSON)
    private BriefChoice choice;

    @Column(nullable = false)
    private Instant changedAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected StoredBrief() {}

    StoredBrief(UUID accountId, BriefChoice choice, Instant changedAt) {
        this.accountId = accountId;
        this.choice = choice;
        this.changedAt = changedAt;
    }

    UUID accountId() {
        return accountId;
    }

    BriefChoice choice() {
        return choice;
    }

    Instant changedAt() {
        return changedAt;
    }
}
