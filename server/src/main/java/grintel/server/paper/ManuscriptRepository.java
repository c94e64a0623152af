package grintel.server.paper;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ManuscriptRepository extends JpaRepository<Manuscript, UUID> {
    @Query("select m.id from Manuscript m where m.accountId = :account and m.hash = :hash")
    Optional<UUID> find(UUID account, byte[] hash);

    /** Bytes of all files of an account. */
    @Query("select coalesce(sum(cast(m.size as long)), 0) from Manuscript m where m.accountId = :account")
    long bytes(UUID account);

    /** Deletes the files of an account that no step and no proof points at. */
    @Modifying(flushAutomatically = true)
    @Query("""
            delete from Manuscript m where m.accountId = :account
              and not exists (select 1 from Step s where s.manuscriptId = m.id)
              and not exists (select 1 from StoredProof p where p.manuscriptId = m.id)
            """)
    void collect(UUID account);
}
