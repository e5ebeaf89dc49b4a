package itomichi.schedule;

import java.util.OptionalInt;

/**
 * What a binder does otherwise with a step than it is planned.
 *
 * @param leftOut whether it is not done at all
 * @param minutes how long a hand is on it; nothing where that is as planned
 * @param lies how many minutes it then lies; nothing where that is as planned
 */
public record StepChange(boolean leftOut, OptionalInt minutes, OptionalInt lies) {

    /** Nothing is done otherwise. */
    public static final StepChange NONE = new StepChange(false, OptionalInt.empty(), OptionalInt.empty());

    /** A step of more than this would be two: common practice. */
    public static final int MOST_MINUTES = 6_000;

    /** Nothing lies longer than four weeks: common practice. */
    public static final int MOST_LYING = 28 * 24 * 60;

    /** @throws IllegalArgumentException if it takes less than no time, or more than is taken; its message is one line for the screen */
    public StepChange {
        minutes.ifPresent(given -> check("Minutes of a step", given, MOST_MINUTES));
        lies.ifPresent(given -> check("Minutes that it lies", given, MOST_LYING));
    }

    private static void check(String what, int given, int most) {
        if (given < 0 || given > most) {
            throw new IllegalArgumentException(
                    what + ": read " + given + "; from 0 to " + String.format("%,d", most) + " are taken.");
        }
    }
}
