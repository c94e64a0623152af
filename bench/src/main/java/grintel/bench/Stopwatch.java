package grintel.bench;

import java.util.Arrays;

/** Times work: some rounds to warm up, then the median of ten with the spread around it. */
final class Stopwatch {
    private static final int WARM_UP = 30;
    private static final int ROUNDS = 10;

    private Stopwatch() {}

    /** Work that may fail as files do. */
    @FunctionalInterface
    interface Work {
        void run() throws Exception;
    }

    /** Times work after warming up. */
    static Timing warm(Work work) {
        return warm(work, WARM_UP);
    }

    /** Times work after so many rounds to warm up. */
    static Timing warm(Work work, int rounds) {
        return time(work, rounds);
    }

    /** Times work after it was done over and over for so many seconds. */
    static Timing warmFor(int seconds, Work work) {
        long end = System.nanoTime() + seconds * 1_000_000_000L;
        try {
            while (System.nanoTime() < end) {
                work.run();
            }
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
        return time(work, 0);
    }

    /** Times work as it comes. */
    static Timing cold(Work work) {
        return time(work, 0);
    }

    private static Timing time(Work work, int warmUp) {
        try {
            for (int i = 0; i < warmUp; i++) {
                work.run();
            }
            double[] millis = new double[ROUNDS];
            for (int i = 0; i < ROUNDS; i++) {
                long start = System.nanoTime();
                work.run();
                millis[i] = (System.nanoTime() - start) / 1e6;
            }
            Arrays.sort(millis);
            return new Timing((millis[4] + millis[5]) / 2, millis[0], millis[ROUNDS - 1]);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /** Milliseconds: the median, the least and the most of ten. */
    record Timing(double median, double least, double most) {}
}
