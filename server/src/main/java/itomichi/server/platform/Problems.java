package itomichi.server.platform;

import itomichi.spec.UnfitValueException;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
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
import tools.jackson.core.JacksonException;

/** Tells every failure in one line; no trace ever reaches a screen. */
@RestControllerAdvice
class Problems {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    // SQLSTATEs by the manual of PostgreSQL, appendix A
    private static final Pattern GONE = Pattern.compile("08...|57...|58...|53[234]00");
    private static final Pattern FULL = Pattern.compile("53100");
    private static final Pattern TAKEN = Pattern.compile("23505");
    private static final Pattern CROSSED = Pattern.compile("40001|40P01|55P03");

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
        LOG.debug("Unreadable request", unreadable);
        Optional<UnfitValueException> unfit = ReadFaults.unfit(unreadable);
        if (unfit.isPresent()) {
            return unfit(unfit.get());
        }
        String line = causes(unreadable)
                .filter(JacksonException.class::isInstance)
                .map(fault -> ReadFaults.line((JacksonException) fault))
                .findFirst()
                .orElse("Nothing was sent that could be read.");
        return ResponseEntity.badRequest().body(new Problem(line, null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> mistyped(MethodArgumentTypeMismatchException mistyped) {
        return ResponseEntity.badRequest()
                .body(new Problem(
                        "Read “" + ReadFaults.shown(String.valueOf(mistyped.getValue())) + "” for " + mistyped.getName()
                                + "; that is not one.",
                        null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> misbound(BindException misbound) {
        FieldError first = misbound.getFieldError();
        String what = first == null
                ? "What was asked for could not be read."
                : "Read “" + ReadFaults.shown(String.valueOf(first.getRejectedValue())) + "” for " + first.getField()
                        + "; that is not one.";
        return ResponseEntity.badRequest().body(new Problem(what, null));
    }

    @ExceptionHandler({
        DataAccessException.class,
        org.springframework.dao.DataAccessException.class,
        TransactionException.class
    })
    ResponseEntity<Problem> database(RuntimeException failure) {
        if (says(failure, FULL)) {
            LOG.error("The database has no room left: {}", failure.getMessage());
            return away("There is no room left on the disk; nothing was changed.");
        }
        if (unreachable(failure)) {
            LOG.warn("The database does not answer: {}", failure.getMessage());
            return away("The books’ database does not answer just now.");
        }
        if (says(failure, TAKEN)) {
            return ResponseEntity.unprocessableContent()
                    .body(new Problem(
                            "Another was given this name at the same moment; a name of its own is wanted.", "name"));
        }
        return says(failure, CROSSED) ? away("Two changes met; this one was not made.") : unexpected(failure);
    }

    private static ResponseEntity<Problem> away(String line) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).body(new Problem(line, null));
    }

    /** What a failure says for the screen. */
    static String line(Throwable failure) {
        return Objects.requireNonNullElse(failure.getMessage(), "That could not be done.");
    }

    /** The failure and what it came from; of a rollback that failed too, which says less, also what it was to undo. */
    private static Stream<Throwable> causes(Throwable failure) {
        return ReadFaults.causes(failure)
                .flatMap(cause -> cause instanceof TransactionSystemException rollback
                                && rollback.getApplicationException() != null
                        ? Stream.concat(Stream.of(cause), causes(rollback.getApplicationException()))
                        : Stream.of(cause));
    }

    private static boolean unreachable(Throwable failure) {
        return says(failure, GONE)
                || causes(failure)
                        .anyMatch(cause -> cause instanceof SQLTransientConnectionException
                                || cause instanceof DataAccessResourceFailureException
                                || cause instanceof IOException
                                || closed(cause));
    }

    /** The pool's own refusal to use a connection that broke has no SQLSTATE. */
    private static boolean closed(Throwable cause) {
        return cause instanceof SQLException sql
                && sql.getSQLState() == null
                && String.valueOf(sql.getMessage()).contains("closed");
    }

    private static boolean says(Throwable failure, Pattern state) {
        return causes(failure)
                .anyMatch(cause -> cause instanceof SQLException sql
                        && state.matcher(String.valueOf(sql.getSQLState())).matches());
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
}
