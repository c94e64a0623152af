package grintel.bench;

import java.util.Arrays;
import java.util.List;

/** Times work: some rounds to warm up, then the median of ten, or of thirty by turns, with the spread around it. */
final class Stopwatch {
    private static final int WARM_UP = 30;
    private static final int ROUNDS = 10;
    private static final int TURNS = 30;

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

    /** Times kinds of work by turns, so that what else the machine does meets all, after so many seconds of each. */
    static List<Timing> byTurns(int seconds, Work... kinds) {
        double[][] millis = new double[kinds.length][TURNS];
        try {
            for (Work work : kinds) {
                long end = System.nanoTime() + seconds * 1_000_000_000L;
                while (System.nanoTime() < end) {
                    work.run();
                }
            }
            for (int i = 0; i < TURNS; i++) {
                for (int k = 0; k < kinds.length; k++) {
                    // The first after another's turn finds nothing of its own in the caches of the machine.
                    kinds[k].run();
                    millis[k][i] = once(kinds[k]);
                }
            }
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
        return Arrays.stream(millis).map(Timing::of).toList();
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
                millis[i] = once(work);
            }
            return Timing.of(millis);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static double once(Work work) throws Exception {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e6;
    }

    /** Milliseconds: the median, the least and the most. */
    record Timing(double median, double least, double most) {
        static Timing of(double[] millis) {
            double[] sorted = millis.clone();
            Arrays.sort(sorted);
            int half = sorted.length / 2;
            return new Timing((sorted[half - 1] + sorted[half]) / 2, sorted[0], sorted[sorted.length - 1]);
        }
    }
}
