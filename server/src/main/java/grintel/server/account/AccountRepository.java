package grintel.server.account;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface AccountRepository extends JpaRepository<Account, UUID> {
    Optional<Account> findByEmail(String email);

    /** The papers and the rest of such an account go with it in the database. */
    @Modifying
    @Transactional
    @Query("delete from Account a where a.demo and a.createdAt < :time")
    void deleteDemosOpenedBefore(Instant time);

    /** Answers 0 where there is no such account any more. */
    @Modifying
    @Transactional
    @Query("update Account a set a.passwordHash = :hash where a.id = :id")
    int changePassword(UUID id, String hash);

    @Query(value = "select id from account where id = :id for no key update", nativeQuery = true)
    Optional<UUID> lock(UUID id);
}
