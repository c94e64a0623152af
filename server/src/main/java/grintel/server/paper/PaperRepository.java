package grintel.server.paper;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PaperRepository extends JpaRepository<StoredPaper, UUID> {
    List<StoredPaper> findByAccountIdAndDeletedAtIsNullOrderByChangedAtDesc(UUID accountId);

    Optional<StoredPaper> findByIdAndAccountIdAndDeletedAtIsNull(UUID id, UUID accountId);

    int countByAccountIdAndDeletedAtIsNull(UUID accountId);

    List<StoredPaper> findByDeletedAtBefore(Instant time);

    List<StoredPaper> findByAccountIdAndDeletedAtIsNotNull(UUID accountId);
}
