package grintel.server.paper;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepRepository extends JpaRepository<Step, UUID> {
    List<Step> findByPaperIdOrderByOrdinal(UUID paperId);

    Optional<Step> findByPaperIdAndOrdinal(UUID paperId, int ordinal);

    void deleteByPaperIdAndOrdinalGreaterThan(UUID paperId, int ordinal);
}
