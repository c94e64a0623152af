package grintel.server.work;

import grintel.server.check.Progress;
import java.util.UUID;

/**
 * A kind of work there is. Asked for with details that the database keeps, it can be done by any instance of the
 * server, and again from the start where an instance died over it.
 *
 * @param name names it in the database
 * @param details what the details of such work are
 */
public record WorkKind<D>(String name, Class<D> details, Doing<D> doing) {
    /** Does the heavy part of a piece of work, without changing anything. */
    @FunctionalInterface
    public interface Doing<D> {
        /**
         * Does it.
         *
         * @throws grintel.server.problem.Problem when it cannot be done, told to whoever asked
         */
        Conclusion run(Task<D> task);
    }

    /** The quick last part of a piece of work: changes what is to be changed, all of it or nothing. */
    @FunctionalInterface
    public interface Conclusion {
        /**
         * Runs in the transaction that marks the work as done, so that neither can be without the other.
         *
         * @return what is told to whoever asked; written as JSON
         */
        Object conclude();
    }

    /**
     * A piece of work to be done now.
     *
     * @param account who asked
     * @param input the file that came along; empty for none
     */
    public record Task<D>(UUID account, D details, byte[] input, Progress progress) {}
}
