package grintel.server.check;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grintel.server.problem.Problem;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Runs heavy work off the request thread. Work that is done within half a second answers the request that asked for it;
 * longer work goes on, and can be asked after by its id.
 */
@Component
public class CheckJobs {
    private static final long PATIENCE_MILLIS = 500;
    private static final int WORKERS = 2;
    private static final int MOST_WAITING = 50;

    private final ExecutorService workers = new ThreadPoolExecutor(
            WORKERS, WORKERS, 1, TimeUnit.MINUTES, new LinkedBlockingQueue<>(MOST_WAITING), CheckJobs::daemon);
    private final Cache<UUID, Job<?>> jobs = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofMinutes(30))
            .maximumSize(10_000)
            .build();

    private static Thread daemon(Runnable work) {
        Thread thread = new Thread(work, "check");
        thread.setDaemon(true);
        return thread;
    }

    /** Starts work for an account and waits a little for it. */
    public <T> Job<T> start(UUID account, Function<Progress, T> work) {
        Job<T> job = new Job<>(account);
        try {
            job.future = workers.submit(() -> work.apply(job));
        } catch (RejectedExecutionException e) {
            throw Problem.tooMany("Many papers are being checked just now. Try again in a minute.");
        }
        jobs.put(job.id, job);
        job.await();
        return job;
    }

    /** The job of an id, if it is the account's own. */
    public Job<?> find(UUID account, UUID id) {
        Job<?> job = jobs.getIfPresent(id);
        if (job == null || !job.account.equals(account)) {
            throw Problem.notFound("There is no such work.");
        }
        return job;
    }

    @PreDestroy
    void stop() {
        workers.shutdownNow();
    }

    /** A piece of work under way or done. */
    public static final class Job<T> implements Progress {
        private final UUID id = UUID.randomUUID();
        private final UUID account;
        private volatile String stage = "Waiting";
        private volatile @Nullable Future<T> future;

        private Job(UUID account) {
            this.account = account;
        }

        @Override
        public void stage(String name) {
            stage = name;
        }

        public UUID id() {
            return id;
        }

        public String stage() {
            return stage;
        }

        public boolean isDone() {
            Future<T> running = future;
            return running != null && running.isDone();
        }

        private void await() {
            Future<T> running = future;
            if (running == null) {
                return;
            }
            try {
                running.get(PATIENCE_MILLIS, TimeUnit.MILLISECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } catch (ExecutionException | TimeoutException e) {
                // Asked for again, and told, by result().
            }
        }

        /** The result of work that is done; what went wrong in it is thrown here. */
        public T result() {
            Future<T> running = future;
            if (running == null || !running.isDone()) {
                throw new IllegalStateException("The work is not done");
            }
            try {
                return running.get();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            } catch (ExecutionException e) {
                if (e.getCause() instanceof RuntimeException problem) {
                    throw problem;
                }
                if (e.getCause() instanceof OutOfMemoryError || e.getCause() instanceof StackOverflowError) {
                    throw Problem.unusable("The file needs more memory than is allowed for one paper.");
                }
                throw new IllegalStateException(e.getCause());
            }
        }
    }
}
