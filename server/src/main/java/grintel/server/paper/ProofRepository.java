package grintel.server.paper;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProofRepository extends JpaRepository<StoredProof, UUID> {
    List<StoredProof> findByPaperIdOrderByNumber(UUID paperId);

    Optional<StoredProof> findByPaperIdAndNumber(UUID paperId, int number);
}
