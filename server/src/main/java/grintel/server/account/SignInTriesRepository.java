package grintel.server.account;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SignInTriesRepository extends JpaRepository<SignInTries, byte[]> {
    /** Counts one more try, from 1 again once a window is over; answers the count. */
    @Query(value = """
            insert into sign_in_tries as t (key, tries, since) values (:key, 1, now())
            on conflict (key) do update set
                tries = case when t.since < now() - make_interval(secs => :window) then 1 else t.tries + 1 end,
                since = case when t.since < now() - make_interval(secs => :window) then now() else t.since end
            returning tries
            """, nativeQuery = true)
    int count(byte[] key, int window);

    @Modifying
    @Query(value = "update sign_in_tries set tries = tries - 1 where key = :key and tries > 0", nativeQuery = true)
    void takeBack(byte[] key);

    @Modifying
    @Query(value = "delete from sign_in_tries where since < now() - make_interval(secs => :window)", nativeQuery = true)
    void forgetOld(int window);
}
