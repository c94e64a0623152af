package grintel.server.problem;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every exception into a problem a person can read. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(Exception thrown) {
        Problem problem = Problems.of(thrown);
        ResponseEntity.BodyBuilder answer =
                ResponseEntity.status(problem.detail().getStatus());
        problem.headers().forEach(answer::header);
        return answer.body(problem.detail());
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
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        Problem problem = Problem.badRequest("The request is not of the form that is meant here.");
        for (Throwable cause = unreadable; cause != null; cause = cause.getCause()) {
            if (cause instanceof Problem named) {
                problem = named;
            }
        }
        ProblemDetail detail = problem.detail();
        return handleExceptionInternal(
                unreadable, detail, headers, HttpStatusCode.valueOf(detail.getStatus()), request);
    }

    private static ProblemDetail detail(HttpStatus status, String title, String message) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, message);
        detail.setTitle(title);
        return detail;
    }
}
