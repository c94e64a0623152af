package grintel.server.problem;

import org.springframework.http.HttpStatus;

/** Something a person asked for cannot be done; the message says what happened and what to do. */
public final class Problem extends RuntimeException {
    private final HttpStatus status;
    private final String title;

    private Problem(HttpStatus status, String title, String message) {
        super(message);
        this.status = status;
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

    /** Who asks is not signed in, or gave the wrong password. */
    public static Problem unauthorized(String message) {
        return new Problem(HttpStatus.UNAUTHORIZED, "Not signed in", message);
    }

    /** Too many tries. */
    public static Problem tooMany(String message) {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, "Too many tries", message);
    }

    public HttpStatus status() {
        return status;
    }

    public String title() {
        return title;
    }

    /** The message, which is never missing. */
    public String detail() {
        return String.valueOf(getMessage());
    }
}
