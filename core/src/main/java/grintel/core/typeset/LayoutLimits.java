package grintel.core.typeset;

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

    /** @throws LayoutTooLargeException when the time is up or there are too many pages */
    void check(int pagesSoFar) {
        if (pagesSoFar > pages) {
            throw new LayoutTooLargeException("The paper has more than " + pages + " pages.");
        }
        if (System.nanoTime() - deadline > 0) {
            throw new LayoutTooLargeException("Laying out the paper takes longer than is allowed for one file.");
        }
    }
}
