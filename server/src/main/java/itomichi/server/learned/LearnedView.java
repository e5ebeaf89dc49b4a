package itomichi.server.learned;

import itomichi.habit.Habit;
import itomichi.server.plan.InUnits;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What finished books teach.
 *
 * @param habits those that any book says something of
 * @param books how many finished books were read
 * @param more whether there are more finished books, longer ago
 */
record LearnedView(List<LearnedHabit> habits, int books, boolean more) {

    /**
     * A habit.
     *
     * @param usual what is common practice, as the last book was planned by it
     * @param lesson what the readings teach; left out while there are fewer than three
     */
    record LearnedHabit(
            String key,
            Habit.Kind kind,
            String kindWords,
            String name,
            LearnedNumber usual,
            @Nullable LearnedLesson lesson,
            List<LearnedReading> readings) {}

    /** A number as it is drawn, and as it is read. */
    record LearnedNumber(double number, InUnits words) {}

    /**
     * What readings teach.
     *
     * @param count of how many readings
     * @param median the middle
     * @param low the least that eight of ten of the next come to
     * @param high the most that eight of ten of the next come to
     */
    record LearnedLesson(int count, LearnedNumber median, LearnedNumber low, LearnedNumber high) {}

    /**
     * What a book says.
     *
     * @param day when it came to the shelf, days since 1970
     * @param dayWords the same as a day
     * @param farOff whether a point may have slipped
     * @param out whether its binder leaves it out
     */
    record LearnedReading(
            UUID book, String name, long day, String dayWords, LearnedNumber value, boolean farOff, boolean out) {}
}
