package itomichi.server.platform;

import org.springframework.http.HttpStatus;

/** Ends a request with one line for the screen. */
public class ProblemException extends RuntimeException {

    private final HttpStatus status;

    /**
     * @param status what the answer's status is
     * @param message one line for the screen
     */
    public ProblemException(HttpStatus status, String message) {
        super(message);
        this.status = status;
    }

    HttpStatus status() {
        return status;
    }
}
