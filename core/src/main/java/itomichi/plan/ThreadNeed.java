package itomichi.plan;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Move;
import itomichi.path.Notation;
import itomichi.path.Pass;
import itomichi.path.SewingStep;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.structure.ThumbRule;
import java.util.ArrayList;
import java.util.List;

/**
 * How much thread to cut, and what is left of it after each step.
 *
 * @param cut the length to cut, with its working
 * @param steps the steps with their words and thread
 */
record ThreadNeed(Working cut, List<StepLine> steps) {

    private static final Formula CUT = Formula.of("k × ((r + p + n) × (1 + a ÷ 100) + 2 × y + u)");
    /** Thread folded back through the needle's eye: common practice. */
    private static final Length NEEDLE = Length.ofMm(60);

    private static final Quantity THREAD = Quantity.of(Length.ZERO, Fineness.THREAD);

    static ThreadNeed of(BookSpec spec, ThreadPath path, FoldFrame fold) {
        Working cut = cut(spec, path, fold);
        return new ThreadNeed(
                cut,
                steps(spec, path, fold, cut.result().number() / spec.thread().strands()));
    }

    private static Working cut(BookSpec spec, ThreadPath path, FoldFrame fold) {
        double runsMm = sum(path, fold, itomichi.path.Run.class);
        double passesMm = sum(path, fold, Pass.class);
        double knotMm = path.sewnMm(fold) - runsMm - passesMm;
        BookSpec.Sewing sewing = spec.thread();
        double fixedMm = path.tailsMm(fold) + NEEDLE.mm();
        double heights = spec.leaf().height().mm();
        double sewnMm = path.sewnMm(fold);
        ThumbRule rule = spec.bound().threadRule(fold.stations().count(), 1);
        double cutMm = sewing.strands() * (sewnMm * (1 + sewing.slackPercent() / 100) + fixedMm);
        return Working.by(CUT)
                .with("k", "strands", Quantity.count(sewing.strands()))
                .with("r", "runs along both faces", thread(runsMm))
                .with(
                        "p",
                        passes(path) + " passes through "
                                + fold.passed()
                                        .at(Fineness.CALIPER)
                                        .in(spec.title().unit()),
                        thread(passesMm))
                .with("n", "knot of " + sewing.turns() + " turns", thread(knotMm))
                .with("a", "slack", new Quantity.Plain(sewing.slackPercent(), "%", 1))
                .with("y", "each tail", thread(sewing.tail().mm()))
                .with("u", "folded back through the needle", thread(NEEDLE.mm()))
                .from(Source.THE_PATH)
                .between(
                        thread(sewing.strands() * (sewnMm + fixedMm)),
                        thread(sewing.strands() * (sewnMm * (1 + 2 * sewing.slackPercent() / 100) + fixedMm)))
                .note(Phrase.of(
                        "This is {} heights of the book{}. Rule of thumb: {} (common practice), {} to {}.",
                        round(cutMm / sewing.strands() / heights),
                        sewing.strands() == 2 ? " on each strand" : "",
                        rule.words(),
                        Length.ofMm(rule.lowHeights() * heights).at(Fineness.THREAD),
                        Length.ofMm(rule.highHeights() * heights).at(Fineness.THREAD)))
                .gives(THREAD);
    }

    private static Quantity thread(double mm) {
        return THREAD.with(mm);
    }

    private static String round(double heights) {
        return Double.toString(Math.round(heights * 10) / 10.0);
    }

    private static long passes(ThreadPath path) {
        return path.moves().stream().filter(Pass.class::isInstance).count();
    }

    private static double sum(ThreadPath path, FoldFrame fold, Class<? extends Move> kind) {
        return path.moves().stream()
                .filter(kind::isInstance)
                .mapToDouble(move -> move.lengthMm(fold))
                .sum();
    }

    private static List<StepLine> steps(BookSpec spec, ThreadPath path, FoldFrame fold, double cutMm) {
        StepWords words = new StepWords(
                fold.stations().count(), spec.thread().tail(), spec.thread().turns());
        double slack = 1 + spec.thread().slackPercent() / 100;
        double leftMm = cutMm;
        List<StepLine> lines = new ArrayList<>();
        for (SewingStep step : SewingStep.of(path)) {
            double usedMm = 0;
            for (Move move : step.moves()) {
                boolean lastTail = move instanceof Tail && step.ties();
                usedMm += lastTail ? 0 : move.lengthMm(fold) * (move instanceof Tail ? 1 : slack);
            }
            leftMm -= usedMm;
            lines.add(new StepLine(
                    step,
                    Notation.write(new ThreadPath(step.moves())),
                    words.words(step, Face.INSIDE),
                    words.words(step, Face.OUTSIDE),
                    words.care(step),
                    Length.ofMm(usedMm),
                    Length.ofMm(leftMm)));
        }
        return lines;
    }
}
