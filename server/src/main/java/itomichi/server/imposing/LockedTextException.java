package itomichi.server.imposing;

import itomichi.server.platform.ProblemException;
import org.springframework.http.HttpStatus;

/** A file that is read once its password is known. */
final class LockedTextException extends ProblemException {

    private static final long serialVersionUID = 1;

    LockedTextException(String line) {
        super(HttpStatus.UNPROCESSABLE_CONTENT, line);
    }
}
