package grintel.core.typeset;

import java.util.concurrent.CancellationException;

/**
 * Bounds on laying out a paper from a stranger.
 *
 * @param pages most pages
 * @param deadline the {@link System#nanoTime()} at which to give up
 */
public record LayoutLimits(int pages, long deadline) {
    /** The most pages a paper may have. */
    public static final int MOST_PAGES = 5000;

    /** The bounds of one check started now: 5,000 pages, this many seconds. */
    public static LayoutLimits within(int seconds) {
        return new LayoutLimits(MOST_PAGES, System.nanoTime() + seconds * 1_000_000_000L);
    }

    /**
     * Asked again and again while pages are laid out and measured.
     *
     * @throws LayoutTooLargeException when the time is up or there are too many pages
     * @throws CancellationException when the thread is interrupted: nobody wants the pages any more
     */
    public void check(int pagesSoFar) {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException();
        }
        if (pagesSoFar > pages) {
            throw new LayoutTooLargeException("The paper has more than " + pages + " pages.");
        }
        if (System.nanoTime() - deadline > 0) {
            throw new LayoutTooLargeException(
                    "Setting and measuring the paper takes longer than is allowed for one file.");
        }
    }
}
