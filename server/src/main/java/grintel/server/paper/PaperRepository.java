package grintel.server.paper;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PaperRepository extends JpaRepository<StoredPaper, UUID> {
    List<StoredPaper> findByAccountIdOrderByChangedAtDesc(UUID accountId);

    Optional<StoredPaper> findByIdAndAccountId(UUID id, UUID accountId);

    int countByAccountId(UUID accountId);
}
