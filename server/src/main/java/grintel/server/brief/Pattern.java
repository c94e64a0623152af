package grintel.server.brief;

import grintel.core.compose.Outline;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What is left of a paper as a pattern for the next ones. */
@Entity
class Pattern {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID accountId;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    @JdbcTypeCode(SqlTypes.JSON)
    private BriefChoice brief;

    @Column(nullable = false)
    @JdbcTypeCode(SqlTypes.JSON)
    private Outline outline;

    @Column(nullable = false)
    private Instant madeAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected Pattern() {}

    Pattern(UUID accountId, String name, BriefChoice brief, Outline outline, Instant now) {
        this.id = UUID.randomUUID();
        this.accountId = accountId;
        this.name = name;
        this.brief = brief;
        this.outline = outline;
        this.madeAt = now;
    }

    UUID id() {
        return id;
    }

    UUID accountId() {
        return accountId;
    }

    String name() {
        return name;
    }

    BriefChoice brief() {
        return brief;
    }

    Outline outline() {
        return outline;
    }

    Instant madeAt() {
        return madeAt;
    }
}
