package grintel.server.account;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface KnownBrowserRepository extends JpaRepository<KnownBrowser, byte[]> {
    @Query("""
            select count(b) > 0 from KnownBrowser b, Account a
            where b.digest = :digest and a.id = b.accountId and a.email = :email
            """)
    boolean knows(byte[] digest, String email);

    @Modifying
    @Query(value = "delete from known_browser where seen_at < now() - make_interval(days => :days)", nativeQuery = true)
    void forgetOld(int days);
}
