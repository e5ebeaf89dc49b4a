package itomichi.schedule;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Phrase;

/** Minutes at the bench. Every time is common practice, no published source. */
public final class WorkTime {

    private static final Formula TIME = Formula.of("a × s + b × h + c × n + z");
    static final double PER_FOLD = 0.5;
    static final double PER_HOLE = 0.2;
    static final double PER_PASS = 0.4;
    static final double TEMPLATE = 3;
    static final double THREADING = 2;
    static final double KNOT = 1;
    private static final double BESIDES = TEMPLATE + THREADING + KNOT;

    private WorkTime() {}

    /** Time to fold, punch, sew and tie. */
    public static Working of(int sheets, int holes, int passes) {
        return Working.by(TIME)
                .with("a", "to fold a sheet", minutes(PER_FOLD))
                .with("s", "sheets", Quantity.count(sheets))
                .with("b", "to punch a hole", minutes(PER_HOLE))
                .with("h", "holes", Quantity.count(holes))
                .with("c", "to bring the needle through", minutes(PER_PASS))
                .with("n", "passes", Quantity.count(passes))
                .with("z", "template, threading, knot", minutes(BESIDES))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of("Pressing overnight is not counted."))
                .gives(new Quantity.Plain(0, "min", 0));
    }

    /** The same time as a bare number of minutes, for comparing many plans: of folds, holes punched one by one, and passes of the needle. */
    public static double minutes(int sheets, int holes, int passes) {
        return PER_FOLD * sheets + PER_HOLE * holes + PER_PASS * passes + BESIDES;
    }

    static Quantity minutes(double minutes) {
        return new Quantity.Plain(minutes, "min", 1);
    }
}
