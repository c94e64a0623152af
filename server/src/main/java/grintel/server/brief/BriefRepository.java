package grintel.server.brief;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BriefRepository extends JpaRepository<StoredBrief, UUID> {}
