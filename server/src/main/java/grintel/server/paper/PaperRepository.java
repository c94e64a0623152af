package grintel.server.paper;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PaperRepository extends JpaRepository<StoredPaper, UUID> {
    /** Lets one changing transaction of an account after the other in. */
    @Query(value = "select id from account where id = :account for no key update", nativeQuery = true)
    Optional<UUID> lockAccount(UUID account);

    List<StoredPaper> findByAccountIdOrderByChangedAtDesc(UUID accountId);

    Optional<StoredPaper> findByIdAndAccountId(UUID id, UUID accountId);

    int countByAccountId(UUID accountId);
}
