package grintel.server.paper;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A file as it was at one step. */
@Entity
class Manuscript {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID paperId;

    @Column(nullable = false)
    private byte[] content;

    @SuppressWarnings("NullAway.Init") // filled by the mapper
    protected Manuscript() {}

    Manuscript(UUID paperId, byte[] content) {
        this.id = UUID.randomUUID();
        this.paperId = paperId;
        this.content = content;
    }

    UUID id() {
        return id;
    }

    UUID paperId() {
        return paperId;
    }

    byte[] content() {
        return content;
    }
}
