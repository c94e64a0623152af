package grintel.server.brief;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PatternRepository extends JpaRepository<Pattern, UUID> {
    List<Pattern> findByAccountIdOrderByMadeAtDesc(UUID accountId);

    Optional<Pattern> findByIdAndAccountId(UUID id, UUID accountId);

    int countByAccountId(UUID accountId);
}
