package itomichi.server.platform;

import itomichi.spec.UnfitValueException;
import java.sql.SQLTransientConnectionException;
import java.util.Objects;
import java.util.stream.Stream;
import org.apache.catalina.connector.ClientAbortException;
import org.jooq.exception.DataAccessException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.validation.BindException;
import org.springframework.validation.FieldError;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** Tells every failure in one line; no trace ever reaches a screen. */
@RestControllerAdvice
class Problems {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<Problem> unfit(UnfitValueException unfit) {
        return ResponseEntity.unprocessableContent().body(new Problem(line(unfit), unfit.field()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> told(ProblemException told) {
        return ResponseEntity.status(told.status()).body(new Problem(line(told), null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unreadable(HttpMessageNotReadableException unreadable) {
        String reason = String.valueOf(unreadable.getMostSpecificCause().getMessage())
                .lines()
                .findFirst()
                .orElse("");
        LOG.debug("Unreadable request", unreadable);
        return ResponseEntity.badRequest()
                .body(new Problem("What was sent could not be read: " + shortened(reason), null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> mistyped(MethodArgumentTypeMismatchException mistyped) {
        return ResponseEntity.badRequest()
                .body(new Problem(
                        "Read “" + shortened(String.valueOf(mistyped.getValue())) + "” for " + mistyped.getName()
                                + "; that is not one.",
                        null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> misbound(BindException misbound) {
        FieldError first = misbound.getFieldError();
        String what = first == null
                ? "What was asked for could not be read."
                : "Read “" + shortened(String.valueOf(first.getRejectedValue())) + "” for " + first.getField()
                        + "; that is not one.";
        return ResponseEntity.badRequest().body(new Problem(what, null));
    }

    @ExceptionHandler({
        DataAccessException.class,
        org.springframework.dao.DataAccessException.class,
        TransactionException.class
    })
    ResponseEntity<Problem> database(RuntimeException failure) {
        if (unreachable(failure) || unreachable(undone(failure))) {
            LOG.warn("The database does not answer: {}", failure.getMessage());
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                    .body(new Problem("The books’ database does not answer just now.", null));
        }
        return unexpected(failure);
    }

    /** What a failure says for the screen. */
    static String line(Throwable failure) {
        return Objects.requireNonNullElse(failure.getMessage(), "That could not be done.");
    }

    /** What a rollback was to undo: where the connection is gone it fails too, and says less. */
    private static Throwable undone(Throwable failure) {
        Throwable first =
                failure instanceof TransactionSystemException rollback ? rollback.getApplicationException() : null;
        return first == null ? failure : first;
    }

    private static boolean unreachable(Throwable failure) {
        return Stream.iterate(failure, cause -> cause != null, Throwable::getCause)
                .anyMatch(cause -> cause instanceof SQLTransientConnectionException
                        || cause instanceof DataAccessResourceFailureException
                        || cause instanceof java.net.SocketException
                        || (cause instanceof java.sql.SQLException sql
                                && String.valueOf(sql.getSQLState()).matches("08.*|57P.*")));
    }

    /** The browser has gone on to another page; there is nobody left to be told. */
    @ExceptionHandler({ClientAbortException.class, AsyncRequestNotUsableException.class})
    void gone() {
        LOG.debug("A browser did not wait for its answer");
    }

    @ExceptionHandler
    ResponseEntity<Problem> unexpected(Exception failure) {
        if (failure instanceof ErrorResponse known) {
            return ResponseEntity.status(known.getStatusCode())
                    .body(new Problem("There is nothing to be had at this address in this way.", null));
        }
        LOG.error("A request failed", failure);
        return ResponseEntity.internalServerError()
                .body(new Problem("That could not be done; the reason is in the application’s log.", null));
    }

    private static String shortened(String text) {
        return text.length() > 160 ? text.substring(0, 160) + "…" : text;
    }
}
