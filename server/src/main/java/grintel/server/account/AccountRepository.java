package grintel.server.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AccountRepository extends JpaRepository<Account, UUID> {
    Optional<Account> findByEmail(String email);

    Optional<Account> findByDemoTrue();

    @Query(value = "select id from account where id = :id for no key update", nativeQuery = true)
    Optional<UUID> lock(UUID id);
}
