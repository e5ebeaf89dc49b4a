package itomichi.schedule;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Working;
import itomichi.habit.Habit.Kind;
import itomichi.habit.Taught;
import java.util.Optional;

/**
 * What hands do at the bench, and how long that takes: so many minutes for each, and so many besides. Every time is common practice, no
 * published source.
 */
public enum Handling {
    TRY_GRAIN("tried for its grain", 4, 0),
    CUT("cut", 0.3, 5),
    FOLD("folded", WorkTime.PER_FOLD, 0),
    WEIGH("laid under a weight", 2, 0),
    PASTE("pasted to pages", 4, 3),
    COLLATE("gathered and looked through", 0.4, 2),
    PUNCH("punched", WorkTime.PER_HOLE, WorkTime.TEMPLATE),
    WAX("cut and waxed", 0, WorkTime.THREADING),
    SEW("passes of the needle", WorkTime.PER_PASS, WorkTime.KNOT),
    CUT_PIECES("cut for the cover", 3, 4),
    TRY_DRY("tried without glue", 5, 0),
    MAKE("made", 8, 0),
    GLUE("glued", 10, 0),
    CLOSE("closed", 5, 0),
    LOOK("looked over", 8, 0);

    private static final Formula TIME = Formula.of("n × a + z");
    private static final Formula OWN_TIME = Formula.of("(n × a + z) × i ÷ 100");
    private static final Formula COPIES = Formula.of("n × a × m + z");
    private static final Formula OWN_COPIES = Formula.of("(n × a × m + z) × i ÷ 100");
    private static final Formula EACH_COPY = Formula.of("(n × a + c × z) × m");
    private static final Formula OWN_EACH_COPY = Formula.of("(n × a + c × z) × m × i ÷ 100");
    private static final int RATIO_DIGITS = 3;

    private final String done;
    private final double each;
    private final double besides;

    Handling(String done, double each, double besides) {
        this.done = done;
        this.each = each;
        this.besides = besides;
    }

    /** Whether what is done besides is done for each copy anew; else once for all. */
    private boolean besidesEach() {
        return switch (this) {
            case WAX, SEW, COLLATE -> true;
            case TRY_GRAIN, CUT, FOLD, WEIGH, PASTE, PUNCH, CUT_PIECES, TRY_DRY, MAKE, GLUE, CLOSE, LOOK -> false;
        };
    }

    private Formula formula(boolean own, boolean several) {
        if (!several) {
            return own ? OWN_TIME : TIME;
        }
        return besidesEach() ? (own ? OWN_EACH_COPY : EACH_COPY) : (own ? OWN_COPIES : COPIES);
    }

    /**
     * How long it takes.
     *
     * @param number of what is done, all copies together
     * @param practice copies, and how hands become quicker at them
     * @param pace what was learned of the hands and taken, minutes for a hundred planned
     */
    public Working time(int number, Practice practice, Optional<Taught> pace) {
        boolean several = practice.copies() > 1;
        double usual = besidesEach()
                ? (number * each + practice.copies() * besides) * practice.share()
                : number * each * practice.share() + besides;
        Working.Builder working = Working.by(formula(pace.isPresent(), several))
                .with("n", done, Quantity.count(number))
                .with("a", "for each", WorkTime.minutes(each))
                .with("z", "besides", WorkTime.minutes(besides))
                .between(
                        WorkTime.TIME.with(usual * WorkTime.least(pace)),
                        WorkTime.TIME.with(usual * WorkTime.most(pace)));
        if (several) {
            working.with("m", "of that, with practice", Quantity.ratio(practice.share(), RATIO_DIGITS))
                    .with("c", "copies", Quantity.count(practice.copies()))
                    .note(practice.told());
        }
        pace.ifPresent(taught -> working.with("i", "minutes of yours for a hundred", Kind.PACE.shown(taught.middle())));
        return Taught.tell(working, Kind.PACE, pace, WorkTime.USUAL_PACE).gives(WorkTime.TIME);
    }

    /** Whether it cannot be left in the middle: glue dries. */
    public boolean inOneGo() {
        return switch (this) {
            case GLUE, CLOSE, WEIGH, PASTE -> true;
            case TRY_GRAIN, CUT, FOLD, COLLATE, PUNCH, WAX, SEW, CUT_PIECES, TRY_DRY, MAKE, LOOK -> false;
        };
    }
}
