package itomichi.server.plan;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.FoldFrame;
import itomichi.path.Notation;
import itomichi.path.PathFault;
import itomichi.path.Spot;
import itomichi.path.StabFrame;
import itomichi.path.Strand;
import itomichi.path.Strands;
import itomichi.path.Supports;
import itomichi.plan.SewingPlan;
import itomichi.station.SideHole;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import itomichi.structure.Stitching;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.stream.IntStream;

/** Makes the view of a thread's way. */
public final class WayViews {

    private WayViews() {}

    /** The view of a way. */
    public static WayView of(SewingPlan plan) {
        List<StepLine> lines = StepLines.of(plan);
        List<List<Strand>> strands =
                Strands.bySteps(lines.stream().map(StepLine::step).toList(), plan.frame());
        List<WayView.StepView> steps = IntStream.range(0, lines.size())
                .mapToObj(i -> step(lines.get(i), strands.get(i)))
                .toList();
        int each = plan.spec().thread().strands();
        List<Length> pieces = plan.need().pieces();
        List<WayView.ThreadCut> threads = IntStream.rangeClosed(1, pieces.size())
                .mapToObj(number -> PlanViews.thread(number, pieces.get(number - 1), each))
                .toList();
        return new WayView(
                work(plan),
                steps,
                threads,
                Notation.write(plan.path()),
                plan.pathFaults().stream().map(PathFault::words).toList());
    }

    private static WayView.WorkView work(SewingPlan plan) {
        return plan.frame().match(fold -> folds(plan, fold), block -> block(plan, block));
    }

    private static WayView.WorkView folds(SewingPlan plan, FoldFrame fold) {
        List<WayView.WorkHole> holes = new ArrayList<>();
        for (int station = 1; station <= fold.stations().count(); station++) {
            holes.add(new WayView.WorkHole(station, fold.stations().at(station).mm(), 0, ""));
        }
        List<Double> layers =
                fold.layers().stream().map(layer -> layer.across().mm()).toList();
        Supports supports = fold.supports();
        List<WayView.TapeView> tapes = new TreeSet<>(supports.taped())
                .stream()
                        .map(station -> new WayView.TapeView(
                                fold.stations().at(station).mm(),
                                fold.stations().at(station + 1).mm()))
                        .toList();
        boolean corded = plan.stitching().sewnOn(plan.choice().variant()) == Stitching.SewnOn.CORD;
        return new WayView.WorkView(
                false,
                plan.stitching().sewnAtOnce(),
                fold.edges().height().mm(),
                fold.edges().head().mm(),
                fold.edges().tail().mm(),
                layers.get(layers.size() - 1),
                0,
                layers,
                holes,
                tapes,
                corded ? supports.cord().mm() : 0);
    }

    private static WayView.WorkView block(SewingPlan plan, StabFrame block) {
        List<WayView.WorkHole> holes = new ArrayList<>();
        double farMm = 0;
        for (SideHole hole : plan.choice().side()) {
            holes.add(new WayView.WorkHole(
                    holes.size() + 1,
                    hole.fromHead().mm(),
                    hole.fromSpine().mm(),
                    hole.role().name().toLowerCase(Locale.ROOT)));
            farMm = Math.max(farMm, hole.fromSpine().mm());
        }
        return new WayView.WorkView(
                true,
                false,
                block.height().mm(),
                0,
                0,
                Math.max(2 * farMm, 20),
                block.thickness().mm(),
                List.of(0.0),
                holes,
                List.of(),
                0);
    }

    private static WayView.StepView step(StepLine line, List<Strand> strands) {
        Spot end = line.step().moves().get(line.step().moves().size() - 1).end();
        return new WayView.StepView(
                line.step().number(),
                line.step().kind(),
                line.notation(),
                InUnits.of(line.plain()),
                InUnits.of(line.turned()),
                line.care().equals(Phrase.EMPTY) ? null : InUnits.of(line.care()),
                InUnits.of(line.used().at(Fineness.THREAD)),
                InUnits.of(line.left().at(Fineness.THREAD)),
                line.left().mm(),
                line.thread(),
                end.hole().signature(),
                end.hole().station(),
                end.face(),
                line.step().holdsThread() && line.step().moves().size() > 1,
                line.lengths().stream().map(InUnits::of).toList(),
                strands.stream().map(WayViews::strand).toList());
    }

    private static WayView.StrandView strand(Strand strand) {
        List<Double> points = new ArrayList<>();
        strand.points().forEach(point -> {
            points.add(Math.round(point.alongMm() * 100) / 100.0);
            points.add(Math.round(point.acrossMm() * 100) / 100.0);
        });
        return new WayView.StrandView(strand.view(), strand.signature(), strand.kind(), points);
    }
}
