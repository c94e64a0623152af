package grintel.server.problem;

import java.net.URI;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Something a person asked for cannot be done; the message says what happened and what to do. */
public final class Problem extends RuntimeException {
    /** The type (RFC 9457) of a problem that needs no words of its own. */
    private static final String PLAIN = "about:blank";

    private final HttpStatus status;
    private final String type;
    private final String title;

    private Problem(HttpStatus status, String title, String message) {
        this(status, PLAIN, title, message);
    }

    private Problem(HttpStatus status, String type, String title, String message) {
        super(message);
        this.status = status;
        this.type = type;
        this.title = title;
    }

    /** What is asked for is not there, or not the asker's to see; the two must not be told apart. */
    public static Problem notFound(String what) {
        return new Problem(HttpStatus.NOT_FOUND, "Not found", what);
    }

    /** The request says something it may not. */
    public static Problem badRequest(String message) {
        return new Problem(HttpStatus.BAD_REQUEST, "Not understood", message);
    }

    /** The file cannot be used. */
    public static Problem unusable(String message) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "The file cannot be used", message);
    }

    /** What is asked for does not fit what has happened in the meantime. */
    public static Problem conflict(String message) {
        return new Problem(HttpStatus.CONFLICT, "Not possible now", message);
    }

    /** What is asked for was meant for a paper that has changed since; nothing was done. */
    public static Problem changedElsewhere() {
        return new Problem(
                HttpStatus.CONFLICT,
                "urn:grintel:changed-elsewhere",
                "Changed elsewhere",
                "The paper was changed in another window, so nothing was done here. This is how it stands now.");
    }

    /** Work was stopped because its owner wanted it. */
    public static Problem stopped() {
        return new Problem(
                HttpStatus.CONFLICT, "urn:grintel:stopped", "Stopped", "The work was stopped. Nothing was changed.");
    }

    /** The database cannot be reached just now. */
    static Problem unavailable() {
        return new Problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "Not there just now",
                "Grintel cannot reach its store of papers just now. Nothing was lost; try again in a moment.");
    }

    /** The disk is full, where files wait or where the database keeps them. */
    public static Problem diskFull() {
        return new Problem(
                HttpStatus.INSUFFICIENT_STORAGE,
                "No room left",
                "The disk that Grintel keeps papers on is full, so nothing was kept. What was kept before is there;"
                        + " deleting a paper makes room.");
    }

    /** Something that should not happen; the reference stands in the log too. */
    static Problem unforeseen(String reference) {
        return new Problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong",
                "Something went wrong inside Grintel (reference " + reference
                        + "). Your papers are as they were; try again.");
    }

    /** Who asks is not signed in, or gave the wrong password. */
    public static Problem unauthorized(String message) {
        return new Problem(HttpStatus.UNAUTHORIZED, "Not signed in", message);
    }

    /** The request is larger than it may be. */
    public static Problem tooLarge(String message) {
        return new Problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", message);
    }

    /** Too many tries. */
    public static Problem tooMany(String message) {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, "Too many tries", message);
    }

    /** There is no room for more just now. */
    public static Problem busy(String message) {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, "Much to do just now", message);
    }

    /** The request did not arrive in time. */
    public static Problem tooSlow(String message) {
        return new Problem(HttpStatus.REQUEST_TIMEOUT, "Too slow", message);
    }

    /** As the answer to a request. */
    public ProblemDetail detail() {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, String.valueOf(getMessage()));
        detail.setType(URI.create(type));
        detail.setTitle(title);
        return detail;
    }

    /** What the answer's head says of it: when to try again, where that helps (RFC 9110, 10.2.3). */
    Map<String, String> headers() {
        return switch (status) {
            case SERVICE_UNAVAILABLE -> Map.of(HttpHeaders.RETRY_AFTER, "5");
            case TOO_MANY_REQUESTS -> Map.of(HttpHeaders.RETRY_AFTER, "60");
            default -> Map.of();
        };
    }

    /** As it is kept with work that failed. */
    public Told told() {
        return new Told(status.value(), type, title, String.valueOf(getMessage()));
    }

    /** A problem in writing. */
    public record Told(int status, String type, String title, String detail) {
        public Problem problem() {
            return new Problem(HttpStatus.valueOf(status), type, title, detail);
        }
    }
}
