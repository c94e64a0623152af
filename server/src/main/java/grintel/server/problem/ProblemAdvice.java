package grintel.server.problem;

import grintel.core.check.PutRight;
import grintel.core.data.DataException;
import grintel.core.edit.EditRefusedException;
import grintel.core.typeset.LayoutTooLargeException;
import grintel.formats.UnreadableFileException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every exception into a problem a person can read; what is unforeseen is logged and not shown. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ProblemDetail problem(Problem problem) {
        return detail(problem.status(), problem.title(), problem.detail());
    }

    @ExceptionHandler
    ProblemDetail unforeseen(Exception problem) {
        Problem known = Problems.of(problem);
        if (known != null) {
            return problem(known);
        }
        LOG.error("Unforeseen", problem);
        return detail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong",
                "Something went wrong inside Grintel. Your papers are as they were; try again.");
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String message = problem.getFieldErrors().stream()
                .map(error -> String.valueOf(error.getDefaultMessage()))
                .findFirst()
                .orElse("The request is not complete.");
        ProblemDetail detail = detail(HttpStatus.BAD_REQUEST, "Not understood", message);
        return handleExceptionInternal(problem, detail, headers, HttpStatus.BAD_REQUEST, request);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException problem, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail detail = detail(
                HttpStatus.CONTENT_TOO_LARGE,
                "The file is too large",
                "The file is larger than 25 MB. Make its pictures smaller and save it again.");
        return handleExceptionInternal(problem, detail, headers, HttpStatus.CONTENT_TOO_LARGE, request);
    }

    private static ProblemDetail detail(HttpStatus status, String title, String message) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, message);
        detail.setTitle(title);
        return detail;
    }

    /** The problems that the core and the formats name. */
    static final class Problems {
        private Problems() {}

        static @Nullable Problem of(Exception problem) {
            String message = String.valueOf(problem.getMessage());
            if (problem instanceof UnreadableFileException || problem instanceof LayoutTooLargeException) {
                return Problem.unusable(message);
            }
            if (problem instanceof DataException) {
                return Problem.badRequest(message);
            }
            if (problem instanceof PutRight.WordsChangedException || problem instanceof EditRefusedException) {
                return Problem.conflict(message);
            }
            if (problem instanceof ObjectOptimisticLockingFailureException) {
                return Problem.conflict("The paper was changed in another window. Load it again.");
            }
            return null;
        }
    }
}
