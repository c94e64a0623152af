package grintel.server.paper;

import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Units;
import grintel.core.rule.Wording;
import grintel.core.structure.Correction;
import grintel.core.structure.Corrections;
import grintel.server.brief.BriefChoice;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One put-right, or the bringing of the file itself; steps are undone and redone one by one. */
@Entity
class Step {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID paperId;

    private int ordinal;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private Details details;

    @Column(nullable = false)
    private UUID manuscriptId;

    @Column(nullable = false)
    private Instant madeAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected Step() {}

    Step(UUID paperId, int ordinal, Details details, UUID manuscriptId, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.paperId = paperId;
        this.ordinal = ordinal;
        this.details = details;
        this.manuscriptId = manuscriptId;
        this.madeAt = madeAt;
    }

    UUID id() {
        return id;
    }

    UUID paperId() {
        return paperId;
    }

    int ordinal() {
        return ordinal;
    }

    Details details() {
        return details;
    }

    /** What the writer lets stand after this step. */
    Stets stets() {
        return new Stets(details.stets());
    }

    /** What the writer says of the parts after this step. */
    Corrections corrections() {
        return new Corrections(details.corrections());
    }

    UUID manuscriptId() {
        return manuscriptId;
    }

    Instant madeAt() {
        return madeAt;
    }

    /**
     * What a step did, and how the paper stands after it.
     *
     * @param label what undoing it would take back
     * @param words words changed with consent
     * @param changed what changed in the file, a phrase each
     * @param stets reasons by the keys of the readings that stand after it
     * @param corrections what the writer says of the parts after it
     * @param brief what the paper is judged by after it
     */
    record Details(
            String label,
            List<WordChange> words,
            List<PutRightReading> putRight,
            List<String> changed,
            Map<String, String> stets,
            List<Correction> corrections,
            StationStates states,
            BriefChoice brief) {
        Details {
            // Steps of before parts could be corrected say nothing of them.
            corrections = Objects.requireNonNullElse(corrections, List.of());
        }

        /** A step that puts nothing right. */
        static Details labelled(
                String label, Stets stets, Corrections corrections, StationStates states, BriefChoice brief) {
            return new Details(
                    label, List.of(), List.of(), List.of(), stets.reasons(), corrections.all(), states, brief);
        }
    }

    /**
     * A reading that was put right, in words: what was and what it came to.
     *
     * @param metric the same in centimetres; that of steps made before lengths followed the unit is not known
     */
    record PutRightReading(
            String rule, String text, @Nullable String metric) {
        static PutRightReading of(Reading reading, Measure cameTo) {
            return new PutRightReading(
                    reading.rule(),
                    Wording.putRight(reading, cameTo, Units.INCHES),
                    Wording.putRight(reading, cameTo, Units.CENTIMETRES));
        }
    }

    /** Words before and after. */
    record WordChange(String before, String after) {}
}
