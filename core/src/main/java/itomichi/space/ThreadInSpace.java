package itomichi.space;

import itomichi.path.Frame;
import itomichi.path.Knot;
import itomichi.path.Move;
import itomichi.path.Pass;
import itomichi.path.Point3;
import itomichi.path.Run;
import itomichi.path.SewingStep;
import itomichi.path.StabFrame;
import itomichi.path.Tail;
import itomichi.plan.SewingPlan;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The middle of the thread where it lies: half its thickness off each face, so that it lies on the paper and not in it, bent at the holes
 * as a thread bends.
 */
final class ThreadInSpace {

    /**
     * A bend begins so many half threads before a hole. A corner so cut by a parabola is shorter by 0.377 of that: as much as going to the
     * middle of a thread that lies on the face, half its thickness off it, is longer.
     */
    private static final double BENT = 2.65;

    private static final double[] BEND = {0.25, 0.5, 0.75};
    /** A thread of more moves than this is told by fewer points: so much of it is seen at once that none is seen closely. */
    private static final int MANY = 600;

    private static final double[] BEND_OF_MANY = {0.5};
    private static final int EACH_OF_MANY = 8;
    /** A corner flatter than this is no hole: its cosine. */
    private static final double FLAT = 0.6;
    /** Of the points of a turn one in so many is enough to be seen round. */
    private static final int EACH = 4;
    /** What is told by so many points is a turn. */
    private static final int TURNED = 24;
    /** A tail comes straight out, then falls. */
    private static final double TAIL_OUT_MM = 7;

    private final Frame frame;
    private final double half;
    /** Deeper than this, half through its paper, lies the inside of every fold, or the back of a block. */
    private final double insideMm;

    private final double tailOutMm;
    /** How far down the spine a tail goes, from the head. */
    private final double tailToMm;

    private final double[] bend;
    private final int each;
    private final Map<Integer, List<Point3>> bySteps = new LinkedHashMap<>();
    private final List<Point3> passed = new ArrayList<>();
    private final List<List<Vertex>> strands = new ArrayList<>();
    private List<Vertex> open = new ArrayList<>();
    /** Which way it is sewn, so that turns are wound on that way: 1 towards the tail. */
    private int way = 1;

    private ThreadInSpace(Frame frame, boolean many, OptionalDouble coveredMm) {
        this.frame = frame;
        this.tailOutMm = coveredMm.isPresent() ? 0 : Math.min(TAIL_OUT_MM, frame.tailMm() / 3);
        this.tailToMm = coveredMm.orElse(Double.POSITIVE_INFINITY);
        this.bend = many ? BEND_OF_MANY : BEND;
        this.each = many ? EACH_OF_MANY : EACH;
        this.half = frame.threadMm() / 2;
        this.insideMm = frame.match(
                fold -> -fold.layers().stream()
                        .mapToDouble(layer -> layer.passed().plus(layer.cover()).mm() / 2)
                        .min()
                        .orElseThrow(),
                block -> -block.thickness().mm() / 2);
    }

    /** @param coveredMm how high the book is where something goes over its back: tails lie flat on that, and are cut short at its tail */
    static List<Laid> of(SewingPlan sewing, OptionalDouble coveredMm) {
        ThreadInSpace thread =
                new ThreadInSpace(sewing.frame(), sewing.path().moves().size() > MANY, coveredMm);
        for (SewingStep step : SewingStep.of(sewing.path())) {
            if (step.begins()) {
                thread.end();
            }
            for (Move move : step.moves()) {
                thread.add(move, step.number());
            }
        }
        thread.end();
        SideBySide.Through inFolds =
                sewing.stitching().sewnAtOnce() ? SideBySide.Through.FOLDS : SideBySide.Through.FOLD;
        SideBySide.Through through = sewing.frame().match(fold -> inFolds, block -> SideBySide.Through.BLOCK);
        SideBySide.of(thread.strands, thread.passed, sewing.frame().threadMm(), through, thread.insideMm)
                .forEach(thread::bend);
        return thread.bySteps.entrySet().stream()
                .map(one -> new Laid(one.getKey(), one.getValue()))
                .toList();
    }

    private void add(Move move, int step) {
        if (move instanceof Run run && run.from().station() != run.to().station()) {
            way = run.from().station() < run.to().station() ? 1 : -1;
        }
        List<Point3> points = shown(move);
        if (move.hangs() && open.isEmpty()) {
            Collections.reverse(points);
        }
        if (move instanceof Pass pass) {
            passed.add(frame.at(pass.to().inner() ? pass.start() : pass.end()));
        }
        int passage = move.passes() ? passed.size() : 0;
        for (Point3 point : points) {
            Point3 off = frame.match(fold -> offFold(point), block -> offBlock(block, point));
            int last = open.size() - 1;
            if (last < 0 || open.get(last).at().distanceMm(off) > 1e-6) {
                open.add(new Vertex(off, step, passage));
            } else if (open.get(last).passage() == 0) {
                open.set(last, new Vertex(off, open.get(last).step(), passage));
            }
        }
    }

    private void end() {
        strands.add(open);
        open = new ArrayList<>();
    }

    /** A move as it is drawn: turns side by side along the fold, knots away from the paper and flat between the leaves, tails falling. */
    private List<Point3> shown(Move move) {
        List<Point3> trace = move.trace(frame);
        if (move instanceof Tail tail) {
            return falling(tail, trace.get(0));
        }
        if (trace.size() < TURNED) {
            return new ArrayList<>(trace);
        }
        boolean inwards = move instanceof Knot knot && knot.face().inner();
        boolean inFold = inwards && frame.match(fold -> true, block -> false);
        Point3 touch = trace.get(0);
        List<Point3> points = new ArrayList<>();
        for (int i = 0; i < trace.size(); i++) {
            if (i < 2 || i >= trace.size() - 2 || i % each == 0) {
                Point3 point = trace.get(i);
                boolean end = i == 0 || i == trace.size() - 1 || !move.start().equals(move.end());
                double along = end ? 0 : way * frame.threadMm() * (2.0 * i / trace.size() - 1);
                double aside = point.yMm() - touch.yMm();
                points.add(new Point3(
                        point.xMm() + along + (inFold ? aside : 0),
                        inFold ? touch.yMm() : point.yMm(),
                        inwards ? 2 * touch.zMm() - point.zMm() : point.zMm()));
            }
        }
        return points;
    }

    /** Out of its hole, round, and along the spine towards the tail: the whole of it as long as it is left. */
    private List<Point3> falling(Tail tail, Point3 from) {
        double sign = tail.face().inner() ? -1 : 1;
        List<Point3> points = new ArrayList<>();
        points.add(from);
        points.add(from.raised(sign * tailOutMm));
        double toMm = Math.max(from.xMm(), Math.min(tailToMm, from.xMm() + frame.tailMm() - tailOutMm));
        points.add(new Point3(toMm, from.yMm(), from.zMm() + sign * tailOutMm));
        return points;
    }

    private Point3 offFold(Point3 point) {
        double off = point.zMm() < insideMm ? -half : half;
        return point.raised(off);
    }

    /** A block lies on its back: what is its front there is the front of the book. */
    private Point3 offBlock(StabFrame block, Point3 point) {
        double y = -point.zMm() + (point.zMm() > insideMm ? -half : half);
        double z = point.yMm() <= 1e-6 ? half - point.yMm() : -point.yMm();
        double x = point.xMm() <= 1e-6
                ? point.xMm() - half
                : point.xMm() >= block.height().mm() - 1e-6 ? point.xMm() + half : point.xMm();
        return new Point3(x, y, z);
    }

    /** Bends the corners of the thread that ends here, and parts it into its steps. */
    private void bend(List<Vertex> all) {
        if (all.size() < 2) {
            return;
        }
        Point3 at = all.get(0).at();
        for (int i = 1; i < all.size(); i++) {
            Vertex next = all.get(i);
            to(next.step(), at);
            if (i + 1 == all.size()) {
                to(next.step(), next.at());
            } else {
                at = bend(all.get(i - 1).at(), next, all.get(i + 1));
            }
        }
    }

    /** Goes round a corner, and says where the thread is after it. */
    private Point3 bend(Point3 before, Vertex corner, Vertex after) {
        double in = before.distanceMm(corner.at());
        double out = corner.at().distanceMm(after.at());
        if (cosine(before, corner.at(), after.at()) > FLAT) {
            to(corner.step(), corner.at());
            return corner.at();
        }
        double cut = Math.min(BENT * half, Math.min(in, out) / 2);
        Point3 p = corner.at().toward(before, cut / in);
        Point3 q = corner.at().toward(after.at(), cut / out);
        to(corner.step(), p);
        for (double t : bend) {
            Point3 point = parabola(p, corner.at(), q, t);
            to(t <= 0.5 ? corner.step() : after.step(), point);
            if (t == 0.5 && after.step() != corner.step()) {
                to(after.step(), point);
            }
        }
        return q;
    }

    private static double cosine(Point3 a, Point3 b, Point3 c) {
        double dot = (b.xMm() - a.xMm()) * (c.xMm() - b.xMm())
                + (b.yMm() - a.yMm()) * (c.yMm() - b.yMm())
                + (b.zMm() - a.zMm()) * (c.zMm() - b.zMm());
        return dot / (a.distanceMm(b) * b.distanceMm(c));
    }

    private static Point3 parabola(Point3 a, Point3 b, Point3 c, double t) {
        return a.toward(b, t).toward(b.toward(c, t), t);
    }

    private void to(int step, Point3 point) {
        List<Point3> points = bySteps.computeIfAbsent(step, none -> new ArrayList<>());
        if (points.isEmpty() || points.get(points.size() - 1).distanceMm(point) > 1e-6) {
            points.add(point);
        }
    }
}
