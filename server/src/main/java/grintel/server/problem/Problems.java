package grintel.server.problem;

import grintel.core.check.PutRight;
import grintel.core.data.DataException;
import grintel.core.edit.EditRefusedException;
import grintel.core.limit.TooLargeException;
import grintel.core.made.UnusableSourceException;
import grintel.formats.UnreadableFileException;
import java.io.IOException;
import java.security.SecureRandom;
import java.sql.SQLException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Says of anything thrown what a person is told of it. */
public final class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private static final SecureRandom RANDOM = new SecureRandom();

    /** Classes of SQLSTATE (PostgreSQL's Appendix A): a text with a NUL is a data exception, for one. */
    private static final String DATA_REFUSED = "22";

    private static final String CONNECTION_LOST = "08";
    private static final String SHUTTING_DOWN = "57P";
    private static final String DISK_FULL = "53100";

    /** What the operating system says of a full disk; Java tells it in no other way. */
    private static final String NO_SPACE = "No space left on device";

    private Problems() {}

    /** The problem something thrown amounts to; what is unforeseen is logged under the reference that is told. */
    public static Problem of(Throwable thrown) {
        String message = String.valueOf(thrown.getMessage());
        if (thrown instanceof Problem problem) {
            return problem;
        }
        if (thrown instanceof UnreadableFileException
                || thrown instanceof TooLargeException
                || thrown instanceof UnusableSourceException) {
            return Problem.unusable(message);
        }
        if (thrown instanceof OutOfMemoryError || thrown instanceof StackOverflowError) {
            return Problem.unusable("The file needs more memory than is allowed for one paper.");
        }
        if (thrown instanceof DataException) {
            return Problem.badRequest(message);
        }
        if (thrown instanceof PutRight.WordsChangedException || thrown instanceof EditRefusedException) {
            return Problem.conflict(message);
        }
        if (hasSqlState(thrown, DATA_REFUSED)) {
            return Problem.badRequest("The request holds characters that cannot be kept.");
        }
        if (thrown instanceof ConcurrencyFailureException || thrown instanceof DataIntegrityViolationException) {
            // What was to be changed was changed or deleted at the same time.
            LOG.info("Overtaken: {}", message);
            return Problem.changedElsewhere();
        }
        if (isDatabaseFull(thrown) || isNoSpaceLeft(thrown)) {
            LOG.error("The disk is full: {}", message);
            return Problem.diskFull();
        }
        if (isConnectionLost(thrown)) {
            LOG.warn("The database cannot be reached: {}", message);
            return Problem.unavailable();
        }
        String reference = String.format("%06x", RANDOM.nextInt(1 << 24));
        LOG.error("Unforeseen, reference {}", reference, thrown);
        return Problem.unforeseen(reference);
    }

    /** Whether the database could not keep something for want of room. */
    public static boolean isDatabaseFull(Throwable thrown) {
        return hasSqlState(thrown, DISK_FULL);
    }

    /** Whether a file could not be written for want of room. */
    public static boolean isNoSpaceLeft(Throwable thrown) {
        for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
            if (cause instanceof IOException
                    && String.valueOf(cause.getMessage()).contains(NO_SPACE)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isConnectionLost(Throwable thrown) {
        return thrown instanceof DataAccessResourceFailureException
                || thrown instanceof CannotCreateTransactionException
                // It was lost in the midst of a transaction.
                || thrown.getCause() instanceof org.hibernate.TransactionException
                || hasSqlState(thrown, CONNECTION_LOST)
                || hasSqlState(thrown, SHUTTING_DOWN);
    }

    private static boolean hasSqlState(Throwable thrown, String start) {
        for (Throwable cause = thrown.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql
                    && sql.getSQLState() != null
                    && sql.getSQLState().startsWith(start)) {
                return true;
            }
        }
        return false;
    }
}
