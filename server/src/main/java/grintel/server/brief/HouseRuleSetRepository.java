package grintel.server.brief;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HouseRuleSetRepository extends JpaRepository<HouseRuleSet, UUID> {
    List<HouseRuleSet> findByAccountIdOrderByChangedAtDesc(UUID accountId);

    Optional<HouseRuleSet> findByIdAndAccountId(UUID id, UUID accountId);

    Optional<HouseRuleSet> findByShareToken(String token);

    int countByAccountId(UUID accountId);
}
