package itomichi.habit;

import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.habit.Habit.Kind;
import itomichi.measure.Phrase;
import java.util.Optional;

/**
 * What finished books taught of a habit, as it was taken into a book: it stays as it is when more books are finished.
 *
 * @param count of how many readings
 * @param middle half of them lie below it, in the unit of the habit's kind
 * @param low the least that eight of ten of the next come to
 * @param high the most that eight of ten of the next come to
 */
public record Taught(int count, double middle, double low, double high) {

    /** Of fewer readings nothing is taught. */
    public static final int LEAST = 3;

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

    /** Percent as shares. */
    public Taught asShares() {
        return new Taught(count, middle * SHARE, low * SHARE, high * SHARE);
    }

    /** Tells a working whose number is common practice, or was learned where that was taken, which of both it is. */
    public static Working.Builder tell(Working.Builder working, Kind kind, Optional<Taught> taken, double usual) {
        working.from(taken.isPresent() ? Source.LEARNED : Source.COMMON_PRACTICE);
        taken.ifPresent(taught -> working.note(taught.told(kind, usual)));
        return working;
    }
}
