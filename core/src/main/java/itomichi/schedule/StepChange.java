package itomichi.schedule;

import java.util.OptionalInt;

/**
 * What a binder does otherwise with a step than it is planned.
 *
 * @param leftOut whether it is not done at all
 * @param minutes how long a hand is on it; nothing where that is as planned
 */
public record StepChange(boolean leftOut, OptionalInt minutes) {

    /** A step of more than this would be two: common practice. */
    public static final int MOST_MINUTES = 6_000;

    /** @throws IllegalArgumentException if it takes less than no time, or more than is taken; its message is one line for the screen */
    public StepChange {
        minutes.ifPresent(given -> {
            if (given < 0 || given > MOST_MINUTES) {
                throw new IllegalArgumentException(
                        "Minutes of a step: read " + given + "; from 0 to " + MOST_MINUTES + " are taken.");
            }
        });
    }
}
