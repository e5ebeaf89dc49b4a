package itomichi.book;

import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.material.SewingThread;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.HoleSize;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Weighs threads for a book: by its holes, what is left of them, how much they bear. */
public final class ThreadWeighing {

    /** A firm pull of the hand, N: what a thread has to bear while it is drawn tight. Common practice, no source. */
    public static final double FIRM_PULL_N = 25;

    /** A caliper reads to this: common practice. */
    private static final Length READ_TO = Length.ofMm(0.01);

    private ThreadWeighing() {}

    /** Weighs a thread for a book. */
    public static ThreadAdvice weigh(BookPlan as, SewingThread thread, ThreadAdvice.Known known) {
        BookPlan with =
                Planner.planUnmended(as.spec().withThread(as.spec().thread().withThread(thread)));
        Length cut = length(with, "thread");
        List<ThreadAdvice.Reason> reasons = new ArrayList<>();
        holes(as, with, reasons);
        spool(known, cut, reasons);
        strength(thread, known, reasons);
        if (wedged(with) && !wedged(as)) {
            reasons.add(new ThreadAdvice.Reason(-1, Phrase.of("with it the spine swells to a wedge")));
        }
        known.waxed()
                .ifPresent(waxed -> reasons.add(
                        waxed
                                ? new ThreadAdvice.Reason(1, Phrase.of("waxed: it lies flat and does not fray"))
                                : new ThreadAdvice.Reason(0, Phrase.of("not waxed: draw it over wax twice"))));
        if (known.splits()) {
            reasons.add(new ThreadAdvice.Reason(
                    -1, Phrase.of("its strands split easily: a blunt needle, and never through the thread")));
        }
        reasons.sort(Comparator.comparingInt((ThreadAdvice.Reason reason) -> -Math.abs(reason.weight())));
        return new ThreadAdvice(
                thread.diameter().length(),
                asFine(as.spec().thread().thread(), thread),
                cut,
                reasons.stream().mapToInt(ThreadAdvice.Reason::weight).sum(),
                reasons);
    }

    /** Whether nobody measures a difference, so that every figure of the book stays as it is. */
    private static boolean asFine(SewingThread planned, SewingThread other) {
        double apartMm = Math.abs(
                planned.diameter().length().mm() - other.diameter().length().mm());
        return apartMm < READ_TO.mm();
    }

    private static boolean wedged(BookPlan plan) {
        return plan.remarks().stream()
                .anyMatch(remark -> remark.key().startsWith("wedge") && remark.weight() != Remark.Weight.NOTE);
    }

    private static Length length(BookPlan plan, String key) {
        Figure figure = plan.figure(key);
        return Length.ofMm(figure.value().number());
    }

    private static Optional<Length> hole(BookPlan plan) {
        return plan.figures().stream()
                .filter(figure -> figure.key().equals("hole"))
                .findFirst()
                .map(figure -> Length.ofMm(figure.value().number()));
    }

    private static void holes(BookPlan as, BookPlan with, List<ThreadAdvice.Reason> reasons) {
        Optional<Length> planned = hole(as);
        Optional<Length> needed = hole(with);
        if (planned.isEmpty() || needed.isEmpty()) {
            return;
        }
        boolean fits = needed.get().mm() <= planned.get().mm() + 0.005;
        reasons.add(
                fits
                        ? new ThreadAdvice.Reason(
                                1,
                                Phrase.of(
                                        "goes through holes of {}",
                                        planned.get().at(Fineness.BUNDLE)))
                        : new ThreadAdvice.Reason(
                                -2,
                                Phrase.of(
                                        "needs holes of {}; those planned are {}",
                                        needed.get().at(Fineness.BUNDLE),
                                        planned.get().at(Fineness.BUNDLE))));
    }

    private static void spool(ThreadAdvice.Known known, Length cut, List<ThreadAdvice.Reason> reasons) {
        known.left().ifPresent(left -> {
            boolean enough = !left.isLessThan(cut);
            reasons.add(
                    enough
                            ? new ThreadAdvice.Reason(
                                    1,
                                    Phrase.of(
                                            "{} m left on the spool, {} are cut",
                                            metres(left),
                                            cut.at(Fineness.THREAD)))
                            : new ThreadAdvice.Reason(
                                    -3,
                                    Phrase.of(
                                            "{} m left on the spool, {} too little",
                                            metres(left),
                                            cut.minus(left).at(Fineness.THREAD))));
        });
    }

    private static void strength(SewingThread thread, ThreadAdvice.Known known, List<ThreadAdvice.Reason> reasons) {
        if (known.snapN().isPresent()) {
            double snapN = known.snapN().get();
            reasons.add(new ThreadAdvice.Reason(
                    snapN >= FIRM_PULL_N ? 1 : -2,
                    Phrase.of("snapped at {} N when tested; a firm pull is {} N", round(snapN), round(FIRM_PULL_N))));
            return;
        }
        double byCountN = thread.strengthN();
        if (!Double.isNaN(byCountN) && byCountN < FIRM_PULL_N) {
            reasons.add(new ThreadAdvice.Reason(
                    -2,
                    Phrase.of(
                            "by its count it snaps at about {} N, a firm pull is {} N: test a piece between your hands",
                            round(byCountN),
                            round(FIRM_PULL_N))));
        }
    }

    private static String metres(Length length) {
        double metres = Math.round(length.mm() / 100) / 10.0;
        return metres == Math.rint(metres) ? Long.toString((long) metres) : Double.toString(metres);
    }

    private static long round(double value) {
        return Math.round(value);
    }

    /** Which threads will do: the thickest the planned holes take, the thinnest of this fibre that bears a firm pull. */
    public static Phrase range(BookPlan plan) {
        SewingThread thread = plan.spec().thread().thread();
        Length thinnest = thread.thinnestFor(FIRM_PULL_N);
        Phrase holds = Phrase.of(
                "The thinnest {} that bears a firm pull of {} N is {} (strength of the fibre, from memory).",
                thread.fibre().words(),
                round(FIRM_PULL_N),
                thinnest.at(Fineness.CALIPER));
        return hole(plan)
                .map(hole -> Phrase.of(
                        "Holes of {} take a thread up to {}. {}",
                        hole.at(Fineness.BUNDLE),
                        HoleSize.thickest(hole, fullest(plan)).at(Fineness.CALIPER),
                        holds))
                .orElse(holds);
    }

    /** Threads in the fullest hole. */
    private static int fullest(BookPlan plan) {
        int strands = plan.spec().thread().strands();
        int passes = plan.sewing()
                .map(sewing -> sewing.path().passes().values().stream()
                        .max(Integer::compareTo)
                        .orElse(1))
                .orElse(2);
        return Math.max(1, passes * strands);
    }
}
