package itomichi.spec;

import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.habit.Habit;
import itomichi.habit.Taught;
import java.util.Optional;

/**
 * How much more thread than the straight way a book is given, percent.
 *
 * <p>As it was typed, that is what most books use up, and its double does for any. Learned, it is what does for nine of ten of the binder's
 * own: cut to the middle of them, every second thread would end before the last knot.
 *
 * @param cut what thread is cut by
 * @param used what is used where it comes out as most do
 * @param low the least that eight of ten use
 * @param high the most that eight of ten use
 * @param typed what would be cut by where nothing was learned
 * @param taught what was learned and taken
 */
public record Slack(double cut, double used, double low, double high, double typed, Optional<Taught> taught) {

    /** Nobody gives a thread more than this of the straight way besides, percent. */
    public static final double MOST_PERCENT = 30;

    static Slack of(BookSpec spec) {
        double typed = spec.thread().slackPercent();
        Optional<Taught> taken = spec.learned().of(habit(spec));
        return taken.map(taught -> new Slack(taught.high(), taught.middle(), taught.low(), taught.high(), typed, taken))
                .orElseGet(() -> new Slack(typed, typed, 0, 2 * typed, typed, taken));
    }

    /** The habit of a book's structure. */
    public static Habit habit(BookSpec spec) {
        return Habit.slack(spec.structure(), spec.bound().name());
    }

    /** What it is cut by, as a factor. */
    public double factor() {
        return 1 + cut / 100;
    }

    /** Tells a working what it is cut by, and where that comes from. */
    public Working.Builder told(Working.Builder working) {
        working.with(
                "a",
                taught.isPresent() ? "slack that does for nine of ten of your books" : "slack",
                new Quantity.Plain(cut, "%", 1));
        taught.ifPresent(from -> working.note(from.told(Habit.Kind.SLACK, typed)));
        return working.from(taught.isPresent() ? Source.THE_PATH_AND_BOOKS : Source.THE_PATH);
    }
}
