package grintel.server.work;

import java.util.UUID;
import org.springframework.stereotype.Component;

/** This running server among those that share a database. */
@Component
class Instance {
    private final UUID id = UUID.randomUUID();

    UUID id() {
        return id;
    }
}
