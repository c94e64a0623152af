package grintel.server.paper;

import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

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

    @Column(nullable = false)
    private String guide;

    @Column(nullable = false)
    private String surname;

    @Column(nullable = false)
    private String shortTitle;

    private int currentStep;
    private int pages;
    private int words;

    @Column(nullable = false)
    private String openByStation;

    @Column(nullable = false)
    private Instant createdAt;

    @Column(nullable = false)
    private Instant changedAt;

    @Version
    private int version;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected StoredPaper() {}

    StoredPaper(UUID accountId, String title, String fileName, BriefChoice choice, Instant now) {
        this.id = UUID.randomUUID();
        this.accountId = accountId;
        this.title = title;
        this.fileName = fileName;
        this.guide = choice.guide();
        this.surname = choice.surname();
        this.shortTitle = choice.shortTitle();
        this.openByStation = "";
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
        Guide found = Guides.find(guide);
        if (found == null) {
            throw new IllegalStateException("A stored paper names the guide " + guide);
        }
        return found;
    }

    /** What the paper is judged by. */
    Brief brief() {
        return Brief.of(guide(), null, Facts.of(surname, shortTitle));
    }

    int currentStep() {
        return currentStep;
    }

    int pages() {
        return pages;
    }

    int words() {
        return words;
    }

    String openByStation() {
        return openByStation;
    }

    Instant changedAt() {
        return changedAt;
    }

    /** The paper now stands at a step. */
    void standAt(int step, StationStates states, Instant now) {
        currentStep = step;
        pages = states.pages();
        words = states.words();
        openByStation = states.encoded();
        changedAt = now;
    }
}
