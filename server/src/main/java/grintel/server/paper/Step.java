package grintel.server.paper;

import grintel.core.rule.Reading;
import grintel.core.rule.Wording;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** One put-right, or the bringing of the file itself; steps are undone and redone one by one. */
@Entity
class Step {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID paperId;

    private int ordinal;

    @Column(nullable = false)
    private String label;

    @Column(nullable = false)
    private String changes;

    @Column(nullable = false)
    private String stets;

    @Column(nullable = false)
    private String putRight;

    @Column(nullable = false)
    private String changed;

    @Column(nullable = false)
    private UUID manuscriptId;

    @Column(nullable = false)
    private Instant madeAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected Step() {}

    /**
     * A step of a paper.
     *
     * @param stets what stands after it
     */
    Step(UUID paperId, int ordinal, Made made, Stets stets, UUID manuscriptId, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.paperId = paperId;
        this.ordinal = ordinal;
        this.label = made.label();
        this.changes = String.join(
                "\n",
                made.words().stream()
                        .map(each -> each.before() + "\t" + each.after())
                        .toList());
        this.stets = stets.encoded();
        this.putRight = String.join(
                "\n",
                made.putRight().stream()
                        .map(each -> each.rule() + "\t" + each.text())
                        .toList());
        this.changed = String.join("\n", made.changed());
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

    String label() {
        return label;
    }

    /** What the writer lets stand after this step. */
    Stets stets() {
        return Stets.decode(stets);
    }

    /** The readings this step put right. */
    List<PutRightReading> putRight() {
        return pairs(putRight).stream()
                .map(pair -> new PutRightReading(pair[0], pair[1]))
                .toList();
    }

    /** What this step changed in the file, a phrase each. */
    List<String> changed() {
        return changed.isEmpty() ? List.of() : List.of(changed.split("\n", -1));
    }

    UUID manuscriptId() {
        return manuscriptId;
    }

    Instant madeAt() {
        return madeAt;
    }

    /** The words this step changed with the writer's consent. */
    List<WordChange> changes() {
        return pairs(changes).stream()
                .map(pair -> new WordChange(pair[0], pair[1]))
                .toList();
    }

    /** Lines of two texts each, with a tab between. */
    private static List<String[]> pairs(String lines) {
        List<String[]> out = new ArrayList<>();
        for (String line : lines.split("\n", -1)) {
            int tab = line.indexOf('\t');
            if (tab >= 0) {
                out.add(new String[] {line.substring(0, tab), line.substring(tab + 1)});
            }
        }
        return out;
    }

    /** A reading that was put right, in words: what was and what was asked. */
    record PutRightReading(String rule, String text) {
        static PutRightReading of(Reading reading) {
            return new PutRightReading(
                    reading.rule(),
                    Wording.name(reading) + ": " + Wording.told(reading.is()) + " → " + Wording.told(reading.asked()));
        }
    }

    /** Words before and after. */
    record WordChange(String before, String after) {}

    /**
     * What a step makes.
     *
     * @param label what undoing it would take back
     * @param words words changed with consent
     * @param changed what changed in the file, a phrase each
     */
    record Made(String label, List<WordChange> words, List<PutRightReading> putRight, List<String> changed) {
        static Made labelled(String label) {
            return new Made(label, List.of(), List.of(), List.of());
        }
    }
}
