package itomichi.schedule;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.habit.Habit.Kind;
import itomichi.habit.Taught;
import itomichi.measure.Phrase;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/** Minutes at the bench. Every time is common practice, no published source. */
public final class WorkTime {

    private static final Formula BY_NUMBERS = Formula.of("a × s + b × h + c × n + z");
    private static final Formula OWN = Formula.of("a × s × f + (b × h + y) × p + w + (c × n + z) × q");
    static final Quantity TIME = new Quantity.Plain(0, "min", 0);
    /** What is learned of a pace is minutes for so many planned. */
    static final double USUAL_PACE = 100;
    /** Quick hands take so much of the time as planned, and slow ones so much: common practice, no published source. */
    private static final double QUICK = 0.6;

    private static final double SLOW = 1.6;
    static final double PER_FOLD = 0.5;
    static final double PER_HOLE = 0.2;
    static final double PER_PASS = 0.4;
    static final double TEMPLATE = 3;
    static final double THREADING = 2;
    static final double KNOT = 1;
    private static final double BESIDES = TEMPLATE + THREADING + KNOT;

    private WorkTime() {}

    /**
     * What was learned of the hands and taken, minutes for a hundred planned.
     *
     * @param fold at folding
     * @param punch at punching
     * @param sew at sewing
     */
    public record Own(Optional<Taught> fold, Optional<Taught> punch, Optional<Taught> sew) {
        /** Nothing was. */
        public static final Own NONE = new Own(Optional.empty(), Optional.empty(), Optional.empty());

        private Stream<Taught> all() {
            return Stream.of(fold, punch, sew).flatMap(Optional::stream);
        }
    }

    /** The least share of the planned time that hands take. */
    static double least(Optional<Taught> pace) {
        return pace.map(taught -> taught.low() / USUAL_PACE).orElse(QUICK);
    }

    /** The most share of the planned time that hands take. */
    static double most(Optional<Taught> pace) {
        return pace.map(taught -> taught.high() / USUAL_PACE).orElse(SLOW);
    }

    private static double middle(Optional<Taught> pace) {
        return pace.map(taught -> taught.middle() / USUAL_PACE).orElse(1.0);
    }

    /** Time to fold, punch, sew and tie. */
    public static Working of(int sheets, int holes, int passes, Own own) {
        ToDoubleFunction<ToDoubleFunction<Optional<Taught>>> sum =
                share -> PER_FOLD * sheets * share.applyAsDouble(own.fold())
                        + (PER_HOLE * holes + TEMPLATE) * share.applyAsDouble(own.punch())
                        + THREADING * share.applyAsDouble(Optional.empty())
                        + (PER_PASS * passes + KNOT) * share.applyAsDouble(own.sew());
        Working.Builder working =
                own.all().findAny().isEmpty() ? byNumbers(sheets, holes, passes) : byHands(sheets, holes, passes, own);
        return working.note(Phrase.of("Pressing overnight is not counted."))
                .between(TIME.with(sum.applyAsDouble(WorkTime::least)), TIME.with(sum.applyAsDouble(WorkTime::most)))
                .gives(TIME);
    }

    private static Working.Builder byHands(int sheets, int holes, int passes, Own own) {
        Working.Builder working = Working.by(OWN)
                .with("a", "to fold a sheet", minutes(PER_FOLD))
                .with("s", "sheets", Quantity.count(sheets))
                .with("f", "of that, your hands at folding", Quantity.ratio(middle(own.fold()), 2))
                .with("b", "to punch a hole", minutes(PER_HOLE))
                .with("h", "holes", Quantity.count(holes))
                .with("y", "template", minutes(TEMPLATE))
                .with("p", "of that, your hands at punching", Quantity.ratio(middle(own.punch()), 2))
                .with("w", "waxing, threading", minutes(THREADING))
                .with("c", "to bring the needle through", minutes(PER_PASS))
                .with("n", "passes", Quantity.count(passes))
                .with("z", "knot", minutes(KNOT))
                .with("q", "of that, your hands at sewing", Quantity.ratio(middle(own.sew()), 2))
                .from(Source.LEARNED);
        own.all().forEach(taught -> working.note(taught.told(Kind.PACE, USUAL_PACE)));
        return working;
    }

    private static Working.Builder byNumbers(int sheets, int holes, int passes) {
        return Working.by(BY_NUMBERS)
                .with("a", "to fold a sheet", minutes(PER_FOLD))
                .with("s", "sheets", Quantity.count(sheets))
                .with("b", "to punch a hole", minutes(PER_HOLE))
                .with("h", "holes", Quantity.count(holes))
                .with("c", "to bring the needle through", minutes(PER_PASS))
                .with("n", "passes", Quantity.count(passes))
                .with("z", "template, threading, knot", minutes(BESIDES))
                .from(Source.COMMON_PRACTICE);
    }

    /** The same time as a bare number of minutes, for comparing many plans: of folds, holes punched one by one, and passes of the needle. */
    public static double minutes(int sheets, int holes, int passes) {
        return PER_FOLD * sheets + PER_HOLE * holes + PER_PASS * passes + BESIDES;
    }

    /** So many minutes as hours and minutes. */
    public static String told(long minutes) {
        long hours = minutes / 60;
        long rest = minutes % 60;
        if (hours == 0) {
            return rest + "\u202fmin";
        }
        return hours + "\u202fh" + (rest == 0 ? "" : " " + rest + "\u202fmin");
    }

    static Quantity minutes(double minutes) {
        return new Quantity.Plain(minutes, "min", 1);
    }
}
