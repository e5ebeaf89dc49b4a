package itomichi.habit;

import itomichi.habit.Habit.Kind;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;

/**
 * What finished books taught of a habit, as it was taken into a book: it stays as it is when more books are finished.
 *
 * @param count of how many readings
 * @param middle half of them lie below it, in the unit of the habit's kind
 * @param low the least that eight of ten of the next come to
 * @param high the most that eight of ten of the next come to
 */
public record Taught(int count, double middle, double low, double high) {

    /** So many percent as a share. */
    private static final double SHARE = 0.01;

    /** In a working: of how many books it is, what they strayed, and what would have been taken without it. */
    public Phrase told(Kind kind, double usual) {
        return Phrase.of(
                "Learned from {} of your books: the middle {}, eight of ten of the next between {} and {}; common practice is {}.",
                count,
                kind.shown(middle).phrase(),
                kind.shown(low).phrase(),
                kind.shown(high).phrase(),
                kind.shown(usual).phrase());
    }

    /** The same in other units, such as a share of percent. */
    public Taught times(double factor) {
        return new Taught(count, middle * factor, low * factor, high * factor);
    }

    /** Percent as shares. */
    public Taught asShares() {
        return times(SHARE);
    }

    /** A short word of where it comes from. */
    public String from() {
        return Phrase.of("of {} of your books", count).in(Unit.MM);
    }
}
