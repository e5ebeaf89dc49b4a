package itomichi.plan;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.Board;
import itomichi.path.Frame;
import itomichi.path.Kettle;
import itomichi.path.Knot;
import itomichi.path.Link;
import itomichi.path.Move;
import itomichi.path.Over;
import itomichi.path.Pass;
import itomichi.path.Round;
import itomichi.path.Run;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.path.Under;
import itomichi.path.Wrap;
import itomichi.spec.BookSpec;
import itomichi.spec.Slack;
import itomichi.structure.Stitching;
import itomichi.structure.ThumbRule;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * How much thread to cut.
 *
 * @param cut all of it, every strand, with its working
 * @param pieces each length to cut, all its strands together, in the order in which they are sewn with
 */
public record ThreadNeed(Working cut, List<Length> pieces) {

    private static final Formula CUT = Formula.of("k × ((r + p + l + n) × (1 + a ÷ 100) + t × (2 × y + u))");
    /** Thread folded back through the needle's eye: common practice. */
    public static final Length NEEDLE = Length.ofMm(60);

    private static final Quantity THREAD = Quantity.of(Length.ZERO, Fineness.THREAD);

    public ThreadNeed {
        pieces = List.copyOf(pieces);
    }

    /** The longest piece. */
    public Length longest() {
        return pieces.stream().max(Length::compareTo).orElse(Length.ZERO);
    }

    /**
     * By how many percent more than the straight way was used, where so much was: the sum that it was cut by, turned round.
     *
     * @param used all that was used, both tails with it; what was in the needle is left over
     */
    public double slackPercentOf(Length used) {
        return ((used.mm() / term("k") - term("t") * 2 * term("y")) / straightMm() - 1) * 100;
    }

    /** What was used, both tails with it, where the slack was so many percent: the other way round. */
    public Length usedWith(double slackPercent) {
        return Length.ofMm(term("k") * (straightMm() * (1 + slackPercent / 100) + term("t") * 2 * term("y")));
    }

    private double straightMm() {
        return term("r") + term("p") + term("l") + term("n");
    }

    /** What is left over where everything comes out as planned: what was folded back through the needles, and slack that most do not use. */
    public Length left(Slack slack) {
        return Length.ofMm(term("k") * (straightMm() * (slack.cut() - slack.used()) / 100 + term("t") * term("u")));
    }

    private double term(String letter) {
        return Objects.requireNonNull(cut.terms().get(letter), letter).value().number();
    }

    static ThreadNeed of(BookSpec spec, Stitching.Choice choice, ThreadPath path, Frame frame) {
        List<ThreadPath> threads = path.threads();
        int strands = spec.thread().strands();
        double slack = spec.slack().factor();
        List<Length> pieces = threads.stream()
                .map(thread ->
                        Length.ofMm(strands * (thread.sewnMm(frame) * slack + thread.tailsMm(frame) + NEEDLE.mm())))
                .toList();
        return new ThreadNeed(working(spec, choice, path, frame, threads.size()), pieces);
    }

    /** What is cut of each strand besides what is sewn: both tails, and what is folded back through the needle, mm. */
    static double besidesMm(BookSpec.Sewing sewing) {
        return 2 * sewing.tail().mm() + NEEDLE.mm();
    }

    private static Working working(BookSpec spec, Stitching.Choice choice, ThreadPath path, Frame frame, int threads) {
        Map<SpentOn, Double> sums = new EnumMap<>(SpentOn.class);
        for (Move move : path.moves()) {
            sums.merge(move.match(SPENT_ON), move.lengthMm(frame), Double::sum);
        }
        double runsMm = sums.getOrDefault(SpentOn.RUN, 0.0);
        double passesMm = sums.getOrDefault(SpentOn.PASS, 0.0);
        double knotsMm = sums.getOrDefault(SpentOn.KNOT, 0.0);
        double tiesMm = sums.getOrDefault(SpentOn.TIE, 0.0);
        long passes = path.moves().stream().filter(Move::passes).count();
        BookSpec.Sewing sewing = spec.thread();
        Slack slack = spec.slack();
        double platesMm = platesMm(path, frame);
        double fixedMm = threads * besidesMm(sewing);
        double sewnMm = runsMm + passesMm + knotsMm + tiesMm;
        double cutMm = sewing.strands() * (sewnMm * slack.factor() + fixedMm);
        Working.Builder need = slack.told(Working.by(CUT)
                        .with("k", "strands", Quantity.count(sewing.strands()))
                        .with("r", "runs along the faces, and climbs", thread(runsMm))
                        .with("p", passes + " passes through the folds or the block", thread(passesMm))
                        .with("l", "links, kettles, wraps, what goes round a support", thread(tiesMm))
                        .with("n", "knots of " + sewing.turns() + " turns", thread(knotsMm)))
                .with("t", "threads", Quantity.count(threads))
                .with("y", "each tail", thread(sewing.tail().mm()))
                .with("u", "folded back through the needle", thread(NEEDLE.mm()))
                .between(
                        thread(sewing.strands() * (sewnMm * (1 + slack.low() / 100) + fixedMm)),
                        thread(sewing.strands() * (sewnMm * (1 + slack.high() / 100) + fixedMm)))
                .note(rule(spec, choice, cutMm));
        if (platesMm > 0) {
            need.note(Phrase.of(
                    "Of the passes, {} are through the plates on the spine.",
                    Length.ofMm(platesMm).at(Fineness.THREAD)));
        }
        return need.gives(THREAD);
    }

    /** What the plates on a spine take of each strand, mm. */
    private static double platesMm(ThreadPath path, Frame frame) {
        return frame.match(
                folds -> path.moves().stream()
                        .filter(Move::passes)
                        .mapToDouble(move ->
                                folds.supports().plateMm(move.start().hole().station()))
                        .sum(),
                block -> 0.0);
    }

    private static Phrase rule(BookSpec spec, Stitching.Choice choice, double cutMm) {
        double heights = spec.leaf().height().mm();
        ThumbRule rule = SewingPlan.rule(spec, choice);
        return Phrase.of(
                "This is {} heights of the book{}. Rule of thumb: {} (common practice), {} to {}.",
                round(cutMm / spec.thread().strands() / heights),
                spec.thread().strands() == 2 ? " on each strand" : "",
                rule.words(),
                Length.ofMm(rule.lowHeights() * heights).at(Fineness.THREAD),
                Length.ofMm(rule.highHeights() * heights).at(Fineness.THREAD));
    }

    /** What a length of thread is used for, as the sum tells it. */
    private enum SpentOn {
        RUN,
        PASS,
        TIE,
        KNOT,
        TAIL
    }

    private static final Move.Cases<SpentOn> SPENT_ON = new Move.Cases<>() {
        @Override
        public SpentOn pass(Pass pass) {
            return SpentOn.PASS;
        }

        @Override
        public SpentOn run(Run run) {
            return SpentOn.RUN;
        }

        @Override
        public SpentOn wrap(Wrap wrap) {
            return SpentOn.TIE;
        }

        @Override
        public SpentOn link(Link link) {
            return SpentOn.TIE;
        }

        @Override
        public SpentOn kettle(Kettle kettle) {
            return SpentOn.TIE;
        }

        @Override
        public SpentOn under(Under under) {
            return SpentOn.TIE;
        }

        @Override
        public SpentOn over(Over over) {
            return SpentOn.TIE;
        }

        @Override
        public SpentOn board(Board board) {
            return SpentOn.TIE;
        }

        @Override
        public SpentOn round(Round round) {
            return SpentOn.TIE;
        }

        @Override
        public SpentOn knot(Knot knot) {
            return SpentOn.KNOT;
        }

        @Override
        public SpentOn tail(Tail tail) {
            return SpentOn.TAIL;
        }
    };

    private static Quantity thread(double mm) {
        return THREAD.with(mm);
    }

    private static String round(double heights) {
        return Double.toString(Math.round(heights * 10) / 10.0);
    }
}
