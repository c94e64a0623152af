package grintel.server.work;

import grintel.server.account.AccountService;
import grintel.server.problem.Problem;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes work, says how it is getting on, and has it stopped. Work that is done within half a second answers the request
 * that asked for it; longer work goes on, and can be asked after by its id, at any instance.
 */
@Component
public class WorkQueue {
    private static final long PATIENCE_MILLIS = 500;
    private static final long LOOK_AGAIN_MILLIS = 50;
    private static final byte[] NO_FILE = new byte[0];
    private static final int MOST_OF_ACCOUNT = 20;
    private static final int MOST = 1000;
    private static final long MOST_BYTES_OF_ACCOUNT = 100L << 20;
    private static final long MOST_BYTES = 500L << 20;

    private final AccountService accounts;
    private final WorkRepository works;
    private final Instance instance;
    private final WorkBell bell;
    private final TransactionTemplate transaction;
    private final JsonMapper json;

    WorkQueue(
            AccountService accounts,
            WorkRepository works,
            Instance instance,
            WorkBell bell,
            TransactionTemplate transaction,
            JsonMapper json) {
        this.accounts = accounts;
        this.works = works;
        this.instance = instance;
        this.bell = bell;
        this.transaction = transaction;
        this.json = json;
    }

    /**
     * Takes a piece of work.
     *
     * @param input the file that comes along; empty for none
     * @throws Problem when too much waits already
     */
    public UUID add(UUID account, String kind, Object details, byte[] input) {
        return add(account, kind, details, input, null);
    }

    /**
     * Takes a piece of work without a file and waits a little for it.
     *
     * @throws Problem when too much waits already, or what went wrong where it was quick
     */
    public WorkStatus start(UUID account, String kind, Object details) {
        return start(account, kind, details, NO_FILE);
    }

    /**
     * Takes a piece of work with what comes along and waits a little for it.
     *
     * @throws Problem when too much waits already, or what went wrong where it was quick
     */
    public WorkStatus start(UUID account, String kind, Object details, byte[] input) {
        return await(account, add(account, kind, details, input, null));
    }

    /**
     * Takes work whose outcome this instance keeps in memory, unless the same is under way here already.
     *
     * @param sameAs equal for work with the same outcome
     */
    public WorkStatus startHere(UUID account, String kind, Object details, String sameAs) {
        return await(account, add(account, kind, details, NO_FILE, sameAs + "@" + instance.id()));
    }

    /** @param sameAs for work that is meant for this instance and done here once at a time; null for any other */
    private UUID add(UUID account, String kind, Object details, byte[] input, @Nullable String sameAs) {
        UUID added = transaction.execute(status -> {
            accounts.lock(account);
            Optional<UUID> same = sameAs == null ? Optional.empty() : works.underWay(account, sameAs);
            return same.orElseGet(() -> {
                refuseTooMuch(works.load(account), input.length);
                UUID id = UUID.randomUUID();
                String place = sameAs == null ? null : instance.id().toString();
                works.add(id, account, kind, json.writeValueAsString(details), input, sameAs, place);
                return id;
            });
        });
        bell.ring();
        return added;
    }

    private static void refuseTooMuch(WorkRepository.Load load, int bytes) {
        if (load.getOwnPieces() >= MOST_OF_ACCOUNT || load.getOwnBytes() + bytes > MOST_BYTES_OF_ACCOUNT) {
            throw Problem.busy("Much of yours is being checked already. Wait until it is done, then try again.");
        }
        if (load.getPieces() >= MOST || load.getBytes() + bytes > MOST_BYTES) {
            throw Problem.busy("Many papers are being checked just now. Try again in a minute.");
        }
    }

    /**
     * Waits a little for a piece of work.
     *
     * @throws Problem what went wrong in it
     */
    public WorkStatus await(UUID account, UUID id) {
        long end = System.nanoTime() + PATIENCE_MILLIS * 1_000_000;
        while (true) {
            long heard = bell.rings();
            Work work = unfailed(account, id);
            if (work.result() != null || System.nanoTime() - end > 0) {
                return status(work);
            }
            try {
                bell.await(heard, LOOK_AGAIN_MILLIS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return status(work);
            }
        }
    }

    /**
     * How a piece of work is getting on, if it is the account's own.
     *
     * @throws Problem what went wrong in it
     */
    public WorkStatus find(UUID account, UUID id) {
        return status(unfailed(account, id));
    }

    private Work unfailed(UUID account, UUID id) {
        Work work = own(account, id);
        if (work.problem() != null) {
            throw json.readValue(work.problem(), Problem.Told.class).problem();
        }
        return work;
    }

    private WorkStatus status(Work work) {
        int ahead = work.state() == Work.State.WAITING ? works.ahead(work.id()) : 0;
        return new WorkStatus(work.id(), work.stage(), ahead, work.result());
    }

    /** Has a piece of work stopped; nothing it would have changed is changed, unless it was done already. */
    public void stop(UUID account, UUID id) {
        transaction.executeWithoutResult(status -> {
            Work work = own(account, id);
            works.askToStop(work.id());
            if (work.state() == Work.State.WAITING) {
                works.failed(
                        work.id(),
                        work.attempts(),
                        json.writeValueAsString(Problem.stopped().told()));
            }
        });
        bell.ring();
    }

    private Work own(UUID account, UUID id) {
        return works.findById(id)
                .filter(work -> work.accountId().equals(account))
                .orElseThrow(() -> Problem.notFound("There is no such work."));
    }
}
