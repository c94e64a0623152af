package grintel.server.paper;

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
    private UUID manuscriptId;

    @Column(nullable = false)
    private Instant madeAt;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected Step() {}

    Step(UUID paperId, int ordinal, String label, List<WordChange> changes, UUID manuscriptId, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.paperId = paperId;
        this.ordinal = ordinal;
        this.label = label;
        this.changes = String.join(
                "\n",
                changes.stream()
                        .map(each -> each.before() + "\t" + each.after())
                        .toList());
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

    UUID manuscriptId() {
        return manuscriptId;
    }

    Instant madeAt() {
        return madeAt;
    }

    /** The words this step changed with the writer's consent. */
    List<WordChange> changes() {
        List<WordChange> out = new ArrayList<>();
        for (String line : changes.split("\n", -1)) {
            int tab = line.indexOf('\t');
            if (tab >= 0) {
                out.add(new WordChange(line.substring(0, tab), line.substring(tab + 1)));
            }
        }
        return out;
    }

    /** Words before and after. */
    record WordChange(String before, String after) {}
}
