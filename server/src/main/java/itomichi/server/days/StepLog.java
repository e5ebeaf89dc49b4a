package itomichi.server.days;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A time that a hand was on a step of a book.
 *
 * @param step its key
 * @param ended nothing while a hand is on it
 * @param finished whether the step was done then, and not only left
 */
record StepLog(
        UUID book,
        String step,
        OffsetDateTime began,
        @Nullable OffsetDateTime ended,
        boolean finished) {

    /** A hand is on one step no longer than this without leaving it, or its end was forgotten: common practice. */
    private static final int LONG_MINUTES = 6 * 60;

    /** Whether it is so long that its end may have been forgotten. */
    boolean forgotten(OffsetDateTime now) {
        return minutes(now) > LONG_MINUTES;
    }

    /** How long, in minutes; up to now while it is not ended. */
    long minutes(OffsetDateTime now) {
        return Math.max(0, Duration.between(began, ended == null ? now : ended).toMinutes());
    }
}
