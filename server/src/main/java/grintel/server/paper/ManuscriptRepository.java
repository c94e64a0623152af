package grintel.server.paper;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ManuscriptRepository extends JpaRepository<Manuscript, UUID> {}
