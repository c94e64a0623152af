package grintel.server.paper;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepRepository extends JpaRepository<Step, UUID> {
    List<Step> findByPaperIdOrderByOrdinal(UUID paperId);

    Optional<Step> findByPaperIdAndOrdinal(UUID paperId, int ordinal);

    /** The steps at which the papers of an account stand. */
    @Query("""
            select s from Step s, StoredPaper p
            where p.accountId = :account and s.paperId = p.id and s.ordinal = p.currentStep
            """)
    List<Step> current(UUID account);

    void deleteByPaperIdAndOrdinalGreaterThan(UUID paperId, int ordinal);
}
