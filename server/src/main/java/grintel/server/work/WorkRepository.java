package grintel.server.work;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface WorkRepository extends JpaRepository<Work, UUID> {
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = """
            insert into work (id, account_id, kind, details, input, same_as, place, state, stage)
            values (:id, :account, :kind, cast(:details as jsonb), :input, :sameAs, cast(:place as uuid), 'WAITING', 'Waiting')
            """, nativeQuery = true)
    void add(
            UUID id,
            UUID account,
            String kind,
            String details,
            byte[] input,
            @Nullable String sameAs,
            @Nullable String place);

    @Query(value = """
            select id from work
            where account_id = :account and same_as = :sameAs and state in ('WAITING', 'RUNNING')
            """, nativeQuery = true)
    Optional<UUID> underWay(UUID account, String sameAs);

    /** Pieces of work not done, and the bytes of their files: of the account, then of everybody. */
    @Query(value = """
            select count(*) filter (where account_id = :account) as "ownPieces",
                   coalesce(sum(length(input)) filter (where account_id = :account), 0) as "ownBytes",
                   count(*) as "pieces",
                   coalesce(sum(length(input)), 0) as "bytes"
            from work where state in ('WAITING', 'RUNNING')
            """, nativeQuery = true)
    Load load(UUID account);

    /** How many pieces that are not done were asked for before one. */
    @Query(value = """
            select cast(count(*) as integer) from work w
            where w.state in ('WAITING', 'RUNNING') and w.created_at < (select created_at from work where id = :id)
            """, nativeQuery = true)
    int ahead(UUID id);

    /** Serialises claims of all instances; held until the transaction ends. */
    @Query(value = "select cast(pg_advisory_xact_lock(718281) as text)", nativeQuery = true)
    @Nullable
    String lockClaims();

    /**
     * The next piece for an instance, of the kinds it knows. An account has one piece done at a time, and the account that has waited longest
     * since its last one comes first. Work whose instance died is work again when its lease is over; work that was
     * meant for one instance is anybody's after a while.
     */
    @Query(value = """
            select w.id from work w
            where w.kind in (:kinds)
              and (w.state = 'WAITING' or w.state = 'RUNNING' and w.lease_until < now())
              and (w.place is null or w.place = :instance or w.created_at < now() - interval '20 seconds')
              and not exists (
                  select 1 from work r
                  where r.account_id = w.account_id and r.state = 'RUNNING' and r.lease_until >= now())
            order by (select max(r.started_at) from work r where r.account_id = w.account_id) nulls first, w.created_at
            limit 1
            """, nativeQuery = true)
    Optional<UUID> next(UUID instance, Collection<String> kinds);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = """
            update work set state = 'RUNNING', attempts = attempts + 1, started_at = now(),
                lease_until = now() + make_interval(secs => :seconds)
            where id = :id
            """, nativeQuery = true)
    void begin(UUID id, int seconds);

    /** Of these pieces, those that are still to be done: their leases are longer now. */
    @Query(value = """
            update work set lease_until = now() + make_interval(secs => :seconds)
            where id in (:ids) and state = 'RUNNING' and not stop_asked returning id
            """, nativeQuery = true)
    List<UUID> renew(List<UUID> ids, int seconds);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = "update work set stage = :stage where id = :id", nativeQuery = true)
    void stage(UUID id, String stage);

    /** Ends a piece that still runs and is not to be stopped; answers how many that were. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = """
            update work set state = 'DONE', result = cast(:result as jsonb), input = null, finished_at = now()
            where id = :id and state = 'RUNNING' and attempts = :attempt and not stop_asked
            """, nativeQuery = true)
    int done(UUID id, int attempt, String result);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = """
            update work set state = 'FAILED', problem = cast(:problem as jsonb), input = null, finished_at = now()
            where id = :id and state in ('WAITING', 'RUNNING') and attempts = :attempt
            """, nativeQuery = true)
    void failed(UUID id, int attempt, String problem);

    /** Gives a running piece back, to be begun anew. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = """
            update work set state = 'WAITING', stage = 'Waiting', attempts = attempts - 1, place = null
            where id = :id and state = 'RUNNING' and attempts = :attempt
            """, nativeQuery = true)
    void giveBack(UUID id, int attempt);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = "update work set stop_asked = true where id = :id", nativeQuery = true)
    void askToStop(UUID id);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(value = "delete from work where finished_at < now() - interval '30 minutes'", nativeQuery = true)
    int forgetOld();

    /** How much is not done. */
    interface Load {
        long getOwnPieces();

        long getOwnBytes();

        long getPieces();

        long getBytes();
    }
}
