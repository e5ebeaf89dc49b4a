package itomichi.spec;

import itomichi.habit.Habit;
import itomichi.habit.Habit.Kind;
import itomichi.habit.Learned;
import itomichi.habit.Taught;
import itomichi.measure.Unit;

/** What no binder's books teach. */
final class LearnedLimits {

    /** Papers, pressings, structures and steps of one book are fewer; what other structures taught is kept beside. */
    private static final int MOST = 60;

    private static final int MOST_BOOKS = 100_000;
    private static final int LONGEST_KEY = 120;

    private LearnedLimits() {}

    static void check(Learned learned) {
        Limits.number("learned", "A book that learned", learned.taught().size(), 0, MOST, " habits");
        learned.taught().forEach(LearnedLimits::check);
    }

    private static void check(String key, Taught taught) {
        Limits.text("learned", "A habit’s name", key, 1, LONGEST_KEY);
        Kind kind = Habit.kindOf(key)
                .orElseThrow(() -> new UnfitValueException(
                        "learned", "“" + key + "” is not the name of a habit; one begins with its kind and a colon."));
        Limits.number("learned", "What was learned", taught.count(), Taught.LEAST, MOST_BOOKS, " books");
        within(kind, taught.low());
        within(kind, taught.middle());
        within(kind, taught.high());
        if (taught.low() > taught.middle() || taught.middle() > taught.high()) {
            throw new UnfitValueException(
                    "learned",
                    "Read " + told(kind, taught.low()) + ", " + told(kind, taught.middle()) + ", "
                            + told(kind, taught.high()) + " of “" + key
                            + "”; the least, the middle and the most follow each other.");
        }
    }

    private static String told(Kind kind, double value) {
        return kind.shown(value).in(Unit.MM);
    }

    /** Further off, a point has slipped in every one of the books. */
    private static void within(Kind kind, double value) {
        switch (kind) {
            case BULK -> Limits.number("learned", kind.words(), value, 0.005, 5, " mm");
            case SPRING -> Limits.number("learned", kind.words(), value, -30, 200, " %");
            case SINK -> Limits.number("learned", kind.words(), value, -50, 150, " %");
            case SLACK -> Limits.number("learned", kind.words(), value, -30, 100, " %");
            case PACE -> Limits.number("learned", kind.words(), value, 1, 2000, " min");
        }
    }
}
