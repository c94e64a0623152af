package grintel.cli;

import grintel.core.check.PutRight;
import grintel.core.data.DataException;
import grintel.core.edit.EditRefusedException;
import grintel.core.limit.TooLargeException;
import grintel.formats.UnreadableFileException;

/** What to tell a person when something cannot be done. */
final class Problems {
    private Problems() {}

    /** One sentence or two, without a stack trace. */
    static String sentence(Throwable problem) {
        if (problem instanceof UnreadableFileException
                || problem instanceof DataException
                || problem instanceof TooLargeException
                || problem instanceof PutRight.WordsChangedException
                || problem instanceof EditRefusedException
                || problem instanceof UsageException) {
            return String.valueOf(problem.getMessage());
        }
        if (problem instanceof OutOfMemoryError) {
            return "The file needs more memory than is allowed for one paper.";
        }
        return "Something went wrong inside Grintel (" + problem + "). The file was left as it is.";
    }

    /** The command asks for something that cannot be done; the message is for whoever typed it. */
    static final class UsageException extends RuntimeException {
        UsageException(String message) {
            super(message);
        }
    }
}
