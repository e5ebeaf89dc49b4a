package itomichi.schedule;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;

/**
 * What hands do at the bench, and how long that takes: so many minutes for each, and so many besides. Every time is common practice, no
 * published source.
 */
public enum Handling {
    TRY_GRAIN("tried for its grain", 4, 0),
    CUT("cut", 0.3, 5),
    FOLD("folded", WorkTime.PER_FOLD, 0),
    WEIGH("laid under a weight", 2, 0),
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

    private final String done;
    private final double each;
    private final double besides;

    Handling(String done, double each, double besides) {
        this.done = done;
        this.each = each;
        this.besides = besides;
    }

    /**
     * How long it takes.
     *
     * @param number of what is done
     */
    public Working time(int number) {
        return Working.by(TIME)
                .with("n", done, Quantity.count(number))
                .with("a", "for each", WorkTime.minutes(each))
                .with("z", "besides", WorkTime.minutes(besides))
                .from(Source.COMMON_PRACTICE)
                .gives(new Quantity.Plain(0, "min", 0));
    }

    /** Whether it cannot be left in the middle: glue dries. */
    public boolean inOneGo() {
        return switch (this) {
            case GLUE, CLOSE, WEIGH -> true;
            case TRY_GRAIN, CUT, FOLD, COLLATE, PUNCH, WAX, SEW, CUT_PIECES, TRY_DRY, MAKE, LOOK -> false;
        };
    }
}
