package grintel.server.work;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A piece of work as the database keeps it. Its times are the database's own, so that instances need no common clock. */
@Entity
class Work {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID accountId;

    @Column(nullable = false)
    private String kind;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String details;

    private byte @Nullable [] input;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private State state;

    @Column(nullable = false)
    private String stage;

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable
    private String result;

    @JdbcTypeCode(SqlTypes.JSON)
    @Nullable
    private String problem;

    private int attempts;

    private boolean stopAsked;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected Work() {}

    UUID id() {
        return id;
    }

    UUID accountId() {
        return accountId;
    }

    String kind() {
        return kind;
    }

    String details() {
        return details;
    }

    byte[] input() {
        return input == null ? new byte[0] : input;
    }

    State state() {
        return state;
    }

    String stage() {
        return stage;
    }

    @Nullable
    String result() {
        return result;
    }

    @Nullable
    String problem() {
        return problem;
    }

    /** How often an instance has begun it. */
    int attempts() {
        return attempts;
    }

    boolean isStopAsked() {
        return stopAsked;
    }

    /** Where a piece of work has come to. */
    enum State {
        WAITING,
        RUNNING,
        DONE,
        FAILED
    }
}
