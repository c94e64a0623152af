package grintel.server.brief;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A set of house rules in somebody's library. */
@Entity
class HouseRuleSet {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID accountId;

    @Column(nullable = false)
    private String guide;

    @Column(nullable = false)
    @JdbcTypeCode(SqlTypes.JSON)
    private HouseChoice house;

    /** Name of the set it was taken over from; never whose it was. */
    private @Nullable String takenFrom;

    private @Nullable Instant takenAt;

    /** What its link holds, null where it is not shared. */
    private @Nullable String shareToken;

    @Column(nullable = false)
    private Instant changedAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected HouseRuleSet() {}

    HouseRuleSet(UUID accountId, String guide, HouseChoice house, Instant now) {
        this.id = UUID.randomUUID();
        this.accountId = accountId;
        this.guide = guide;
        this.house = house;
        this.changedAt = now;
    }

    /** A copy in another library, or in the same one. */
    HouseRuleSet copiedTo(UUID account, Instant now) {
        HouseRuleSet copy = new HouseRuleSet(account, guide, house, now);
        copy.takenFrom = house.name();
        copy.takenAt = now;
        return copy;
    }

    UUID id() {
        return id;
    }

    String guide() {
        return guide;
    }

    HouseChoice house() {
        return house;
    }

    @Nullable
    String takenFrom() {
        return takenFrom;
    }

    @Nullable
    Instant takenAt() {
        return takenAt;
    }

    @Nullable
    String shareToken() {
        return shareToken;
    }

    Instant changedAt() {
        return changedAt;
    }

    UUID accountId() {
        return accountId;
    }

    void change(String toGuide, HouseChoice to, Instant now) {
        guide = toGuide;
        house = to;
        changedAt = now;
    }

    /** Shares it under a token, or with null no more. */
    void share(@Nullable String token) {
        shareToken = token;
    }
}
