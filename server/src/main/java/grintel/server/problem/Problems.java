package grintel.server.problem;

import grintel.core.check.PutRight;
import grintel.core.data.DataException;
import grintel.core.edit.EditRefusedException;
import grintel.core.typeset.LayoutTooLargeException;
import grintel.formats.UnreadableFileException;
import java.security.SecureRandom;
import java.sql.SQLException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Says of anything thrown what a person is told of it. */
public final class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private static final SecureRandom RANDOM = new SecureRandom();

    private Problems() {}

    /** The problem something thrown amounts to; what is unforeseen is logged under the reference that is told. */
    public static Problem of(Throwable thrown) {
        String message = String.valueOf(thrown.getMessage());
        if (thrown instanceof Problem problem) {
            return problem;
        }
        if (thrown instanceof UnreadableFileException || thrown instanceof LayoutTooLargeException) {
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
        if (thrown instanceof ObjectOptimisticLockingFailureException) {
            return Problem.changedElsewhere();
        }
        if (thrown instanceof DataAccessResourceFailureException
                || thrown instanceof CannotCreateTransactionException) {
            LOG.warn("The database cannot be reached: {}", message);
            return Problem.unavailable();
        }
        if (hasDataTheDatabaseRefuses(thrown)) {
            return Problem.badRequest("The request holds characters that cannot be kept.");
        }
        String reference = String.format("%06x", RANDOM.nextInt(1 << 24));
        LOG.error("Unforeseen, reference {}", reference, thrown);
        return Problem.unforeseen(reference);
    }

    /** Whether a statement failed with a data exception (SQLSTATE class 22), as one with a NUL in a text does. */
    private static boolean hasDataTheDatabaseRefuses(Throwable thrown) {
        for (Throwable cause = thrown.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql
                    && sql.getSQLState() != null
                    && sql.getSQLState().startsWith("22")) {
                return true;
            }
        }
        return false;
    }
}
