package grintel.core.limit;

import java.util.concurrent.CancellationException;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Bounds on the work done for one paper from a stranger: reading, laying out, recognising, judging and mending it. They are
 * handed to what begins such work; what does it again and again asks {@link #goOn()}, which finds them by the thread, for
 * a parameter would have to pass through every method there is.
 *
 * @param pages most pages
 * @param deadline the {@link System#nanoTime()} at which to give up
 */
public record WorkLimits(int pages, long deadline) {
    /** The most pages a paper may have. */
    public static final int MOST_PAGES = 5000;

    /** Looking at the clock costs more than most of the work in between. */
    private static final int CALLS_PER_LOOK = 64;

    private static final ThreadLocal<@Nullable Bound> CURRENT = new ThreadLocal<>();

    /** The bounds of work started now: 5,000 pages, this many seconds. */
    public static WorkLimits within(int seconds) {
        return new WorkLimits(MOST_PAGES, System.nanoTime() + seconds * 1_000_000_000L);
    }

    /** The bounds this thread works in; where it works in none, bounds of so many seconds from now. */
    public static WorkLimits currentOr(int seconds) {
        Bound bound = CURRENT.get();
        return bound == null ? within(seconds) : bound.limits;
    }

    /**
     * Does some work within these bounds; what it does on other threads must be bound there anew.
     *
     * @throws TooLargeException when the time is up
     * @throws CancellationException when the thread is interrupted: nobody wants the outcome any more
     */
    public <T extends @Nullable Object> T bound(Supplier<T> work) {
        Bound outer = CURRENT.get();
        CURRENT.set(new Bound(this));
        try {
            return work.get();
        } finally {
            CURRENT.set(outer);
        }
    }

    /**
     * Asked in loops over what a stranger's paper holds; does nothing outside of bounds.
     *
     * @throws TooLargeException when the time is up
     * @throws CancellationException when the thread is interrupted
     */
    public static void goOn() {
        Bound bound = CURRENT.get();
        if (bound != null && ++bound.calls % CALLS_PER_LOOK == 0) {
            bound.limits.checkTime();
        }
    }

    /**
     * Asked again and again while pages are laid out and measured.
     *
     * @throws TooLargeException when the time is up or there are too many pages
     * @throws CancellationException when the thread is interrupted: nobody wants the pages any more
     */
    public void check(int pagesSoFar) {
        if (pagesSoFar > pages) {
            throw new TooLargeException("The paper has more than " + pages + " pages.");
        }
        checkTime();
    }

    private void checkTime() {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException();
        }
        if (System.nanoTime() - deadline > 0) {
            throw new TooLargeException("Setting and measuring the paper takes longer than is allowed for one file.");
        }
    }

    private static final class Bound {
        private final WorkLimits limits;
        private int calls;

        Bound(WorkLimits limits) {
            this.limits = limits;
        }
    }
}
