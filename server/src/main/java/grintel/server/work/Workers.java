package grintel.server.work;

import grintel.core.limit.WorkLimits;
import grintel.server.problem.Problem;
import grintel.server.problem.Problems;
import grintel.server.work.WorkKind.Conclusion;
import grintel.server.work.WorkKind.Task;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.context.SmartLifecycle;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Does the work of the queue, two pieces at a time. A piece is held by a lease that is renewed while it is done: when an
 * instance dies, its leases run out, and others do its work from the start.
 */
@Component
class Workers implements SmartLifecycle, HealthIndicator {
    private static final Logger LOG = LoggerFactory.getLogger(Workers.class);
    private static final int WORKERS = 2;
    private static final int LEASE_SECONDS = 15;
    private static final int MOST_ATTEMPTS = 3;

    /** From reading a file to its mended copy. */
    private static final int MOST_SECONDS = 40;

    private static final long LOOK_AGAIN_MILLIS = 1000;
    private static final long PATIENCE_MILLIS = 5000;

    private final WorkRepository works;
    private final Instance instance;
    private final WorkBell bell;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final Map<String, WorkKind<?>> kinds;
    private final Map<UUID, Hold> held = new ConcurrentHashMap<>();
    private List<Thread> threads = List.of();
    private ScheduledExecutorService keeper = new ScheduledThreadPoolExecutor(0);
    private volatile boolean goesOn;

    Workers(
            WorkRepository works,
            Instance instance,
            WorkBell bell,
            TransactionTemplate transaction,
            JsonMapper json,
            List<WorkKind<?>> kinds) {
        this.works = works;
        this.instance = instance;
        this.bell = bell;
        this.transaction = transaction;
        this.json = json;
        this.kinds = kinds.stream().collect(Collectors.toMap(WorkKind::name, Function.identity()));
    }

    private static Thread daemon(Runnable task, String name) {
        Thread thread = new Thread(task, name);
        thread.setDaemon(true);
        return thread;
    }

    @Override
    public void start() {
        goesOn = true;
        threads =
                Stream.generate(() -> daemon(this::work, "work")).limit(WORKERS).toList();
        threads.forEach(Thread::start);
        keeper = new ScheduledThreadPoolExecutor(1, task -> daemon(task, "leases"));
        Future<?> unused = keeper.scheduleWithFixedDelay(this::renew, 1, 1, TimeUnit.SECONDS);
        unused = keeper.scheduleWithFixedDelay(this::forgetOld, 1, 60, TimeUnit.SECONDS);
    }

    /** Gives back what is under way, so that another instance need not wait for the leases. */
    @Override
    public void stop() {
        goesOn = false;
        keeper.shutdownNow();
        bell.ring();
        held.values().forEach(Hold::interrupt);
        try {
            for (Thread thread : threads) {
                thread.join(PATIENCE_MILLIS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public boolean isRunning() {
        return goesOn;
    }

    /** Not well when nobody does the work any more. */
    @Override
    public Health health() {
        boolean well = goesOn && threads.stream().allMatch(Thread::isAlive);
        return well ? Health.up().build() : Health.down().build();
    }

    /** Does piece after piece; while the database cannot be reached, it asks again each second. */
    private void work() {
        while (goesOn) {
            long heard = bell.rings();
            if (!didAPiece()) {
                try {
                    bell.await(heard, LOOK_AGAIN_MILLIS);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return;
                }
            }
        }
    }

    private boolean didAPiece() {
        try {
            Optional<Work> next = claim();
            next.ifPresent(this::complete);
            return next.isPresent();
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("The database cannot be reached: {}", e.getMessage());
            return false;
        } catch (RuntimeException e) {
            // One piece that cannot even be taken up must not end the worker; its lease runs out.
            LOG.error("A piece of work cannot be taken up", e);
            return false;
        }
    }

    private Optional<Work> claim() {
        return transaction.execute(status -> {
            works.lockClaims();
            return works.next(instance.id(), kinds.keySet()).flatMap(id -> {
                works.begin(id, LEASE_SECONDS);
                return works.findById(id);
            });
        });
    }

    private void complete(Work work) {
        Hold hold = new Hold(Thread.currentThread());
        held.put(work.id(), hold);
        Problem problem;
        try {
            problem = problemOf(work);
        } finally {
            held.remove(work.id());
            hold.release();
        }
        if (problem != null) {
            end(work, problem);
        }
        bell.ring();
    }

    /** Does a piece; what kept it from being concluded, or null. Where the database is away, its lease just runs out. */
    private @Nullable Problem problemOf(Work work) {
        try {
            if (work.attempts() > MOST_ATTEMPTS) {
                throw Problem.unusable("Working on the file stopped Grintel several times. It is not tried again.");
            }
            if (work.isStopAsked()) {
                throw new CancellationException();
            }
            conclude(work, run(Objects.requireNonNull(kinds.get(work.kind()), work.kind()), work));
            return null;
        } catch (DataAccessResourceFailureException | TransactionException e) {
            throw e;
        } catch (CancellationException e) {
            return Problem.stopped();
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError e) {
            return Problems.of(e);
        }
    }

    private <D> Conclusion run(WorkKind<D> kind, Work work) {
        D details = json.readValue(work.details(), kind.details());
        Task<D> task = new Task<>(work.accountId(), details, work.input(), stage -> tell(work, stage));
        return WorkLimits.within(MOST_SECONDS).bound(() -> kind.doing().run(task));
    }

    private void tell(Work work, String stage) {
        transaction.executeWithoutResult(status -> works.stage(work.id(), stage));
    }

    private void conclude(Work work, Conclusion conclusion) {
        transaction.executeWithoutResult(status -> {
            String result = json.writeValueAsString(conclusion.conclude());
            if (works.done(work.id(), work.attempts(), result) == 0) {
                throw new CancellationException();
            }
        });
    }

    private void end(Work work, Problem problem) {
        transaction.executeWithoutResult(status -> {
            if (goesOn) {
                works.failed(work.id(), work.attempts(), json.writeValueAsString(problem.told()));
            } else {
                works.giveBack(work.id(), work.attempts());
            }
        });
    }

    private void renew() {
        List<UUID> ids = List.copyOf(held.keySet());
        if (ids.isEmpty()) {
            return;
        }
        try {
            List<UUID> still = transaction.execute(status -> works.renew(ids, LEASE_SECONDS));
            held.forEach((id, hold) -> {
                if (ids.contains(id) && !still.contains(id)) {
                    hold.interrupt();
                }
            });
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("Leases cannot be renewed: {}", e.getMessage());
        }
    }

    private void forgetOld() {
        try {
            transaction.executeWithoutResult(status -> works.forgetOld());
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("Old work cannot be forgotten: {}", e.getMessage());
        }
    }

    /** A thread's hold on a piece: interrupting it reaches the thread only while it is at this piece. */
    private static final class Hold {
        private final Thread thread;
        private boolean released;

        Hold(Thread thread) {
            this.thread = thread;
        }

        synchronized void interrupt() {
            if (!released) {
                thread.interrupt();
            }
        }

        /** Called by the thread itself. */
        synchronized void release() {
            released = true;
            Thread.interrupted();
        }
    }
}
