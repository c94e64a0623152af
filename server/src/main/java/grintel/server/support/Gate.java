package grintel.server.support;

import grintel.server.problem.Problem;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Lets few at a time do what takes much memory; the others wait a little in order. */
public final class Gate {
    private final Semaphore places;
    private final int patienceSeconds;
    private final String busy;

    /** @param busy what is told to who waited in vain */
    public Gate(int atOnce, int patienceSeconds, String busy) {
        this.places = new Semaphore(atOnce, true);
        this.patienceSeconds = patienceSeconds;
        this.busy = busy;
    }

    /**
     * Does something once there is a place.
     *
     * @throws Problem when there was none for too long
     */
    public <T extends @Nullable Object> T through(Supplier<T> task) {
        boolean entered = false;
        try {
            entered = places.tryAcquire(patienceSeconds, TimeUnit.SECONDS);
            if (!entered) {
                throw Problem.busy(busy);
            }
            return task.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Problem.busy("Grintel is being stopped. Try again in a minute.");
        } finally {
            if (entered) {
                places.release();
            }
        }
    }
}
