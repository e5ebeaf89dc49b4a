package itomichi.path;

import itomichi.path.Strand.Kind;
import itomichi.path.Strand.Point;
import itomichi.path.Strand.View;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Lays a path out for drawing: the same for the screen and for paper.
 *
 * <p>A run bows slightly, so that it is seen where one stitch ends and the next begins; one that lies where another lies already bows a
 * little more. Nothing else is drawn elsewhere than it lies.
 */
public final class Strands {

    /** How far the first thread between two holes bows, as a share of its length, and at most, mm. */
    private static final double BOW_SHARE = 0.06;

    private static final double MOST_BOW_MM = 1.6;
    /** Half the width of the loop that a link is drawn as, mm. */
    private static final double LOOP_MM = 0.9;

    private final Frame frame;
    private final Map<StitchPattern.Stitch, Integer> lanes = new HashMap<>();
    private final int signatures;

    private Strands(Frame frame) {
        this.frame = frame;
        this.signatures = frame instanceof FoldFrame fold ? fold.layers().size() : 1;
    }

    /** The strands of each move, in sewing order. */
    public static List<List<Strand>> of(ThreadPath path, Frame frame) {
        Strands strands = new Strands(frame);
        List<List<Strand>> all = new ArrayList<>();
        path.moves().forEach(move -> all.add(strands.of(move)));
        return all;
    }

    /** The strands of each step of a path's sewing. */
    public static List<List<Strand>> bySteps(List<SewingStep> steps, Frame frame) {
        Strands strands = new Strands(frame);
        return steps.stream()
                .map(step -> step.moves().stream()
                        .flatMap(move -> strands.of(move).stream())
                        .toList())
                .toList();
    }

    private List<Strand> of(Move move) {
        Spot start = move.start();
        Hole hole = start.hole();
        if (move instanceof Run run) {
            return List.of(strand(start, run.climbs() ? Kind.CLIMB : Kind.RUN, bowed(run)));
        }
        if (move instanceof Under under) {
            Point a = at(start);
            Point b = at(under.end());
            Point pulled = new Point(
                    (a.alongMm() + b.alongMm()) / 2, (a.acrossMm() + b.acrossMm()) / 2 - 1.7 * frame.pitchMm(hole));
            return List.of(strand(start, Kind.LINK, List.of(a, pulled, b)));
        }
        if (move instanceof Link || move instanceof Kettle) {
            double wide = move instanceof Kettle ? 2 * LOOP_MM : LOOP_MM;
            Point a = at(start);
            return List.of(strand(
                    start,
                    move instanceof Kettle ? Kind.KETTLE : Kind.LINK,
                    List.of(
                            new Point(a.alongMm() - wide, a.acrossMm()),
                            new Point(a.alongMm(), a.acrossMm() - 1.7 * frame.pitchMm(hole)),
                            new Point(a.alongMm() + wide, a.acrossMm()))));
        }
        if (move instanceof Over || move instanceof Board) {
            return List.of(round(start, move instanceof Over));
        }
        if (move instanceof Round around) {
            return around(around);
        }
        if (move instanceof Wrap wrap) {
            return wrap(wrap);
        }
        if (move instanceof Knot || move instanceof Tail) {
            return List.of(strand(start, move instanceof Knot ? Kind.KNOT : Kind.TAIL, List.of(at(start))));
        }
        return List.of();
    }

    private Strand strand(Spot spot, Kind kind, List<Point> points) {
        return new Strand(View.of(spot.face()), spot.hole().signature(), kind, points);
    }

    private Point at(Spot spot) {
        Point3 point = frame.at(spot);
        return new Point(point.xMm(), spot.face() == Face.INSIDE ? 0 : point.yMm());
    }

    /** The middle is pulled aside, square to the run. */
    private List<Point> bowed(Run run) {
        int lane = lanes.merge(new StitchPattern.Stitch(run.face(), run.from(), run.to()), 1, Integer::sum);
        Point a = at(run.start());
        Point b = at(run.end());
        double along = b.alongMm() - a.alongMm();
        double across = b.acrossMm() - a.acrossMm();
        double length = Math.hypot(along, across);
        if (length == 0) {
            return List.of(a, b);
        }
        // the same way round whichever end it is sewn from
        double way = along > 0 || along == 0 && across > 0 ? 1 : -1;
        double bowMm = 2 * lane * way * Math.min(MOST_BOW_MM, BOW_SHARE * length);
        Point pulled = new Point(
                (a.alongMm() + b.alongMm()) / 2 + bowMm * across / length,
                (a.acrossMm() + b.acrossMm()) / 2 - bowMm * along / length);
        return List.of(a, pulled, b);
    }

    /** Across the cord, or out to the board's hole: of the first signature to one side, of the last to the other. */
    private Strand round(Spot spot, boolean cord) {
        Point a = at(spot);
        double half = frame.supports().cord().mm() / 2;
        double out = frame.supports().boardHole().mm() * (spot.hole().signature() == signatures ? 1 : -1);
        return strand(
                spot,
                Kind.ROUND_SUPPORT,
                cord
                        ? List.of(
                                new Point(a.alongMm(), a.acrossMm() - half),
                                new Point(a.alongMm(), a.acrossMm() + half))
                        : List.of(a, new Point(a.alongMm(), a.acrossMm() + out)));
    }

    private List<Strand> around(Round round) {
        Point a = at(round.start());
        Point b = at(round.end());
        double way = round.edge() == Edge.HEAD ? -1 : 1;
        double edge = a.alongMm() + way * frame.toEdgeMm(round.from(), round.edge());
        Spot outside = new Spot(round.from(), Face.OUTSIDE);
        return List.of(
                strand(round.start(), Kind.RUN, List.of(a, new Point(edge, 0))),
                strand(
                        outside,
                        Kind.CLIMB,
                        List.of(
                                new Point(edge, frame.at(round.start()).yMm()),
                                new Point(edge, frame.at(round.end()).yMm()))),
                strand(round.end(), Kind.RUN, List.of(new Point(edge, 0), b)));
    }

    private List<Strand> wrap(Wrap wrap) {
        Point a = at(wrap.start());
        double far = frame.toEdgeMm(wrap.hole(), wrap.edge());
        Point edge = switch (wrap.edge()) {
            case SPINE -> new Point(a.alongMm(), a.acrossMm() - far);
            case HEAD -> new Point(a.alongMm() - far, a.acrossMm());
            case TAIL -> new Point(a.alongMm() + far, a.acrossMm());
        };
        List<Strand> strands = new ArrayList<>();
        strands.add(strand(wrap.start(), Kind.WRAP, List.of(a, edge)));
        if (wrap.edge() == Edge.SPINE) {
            strands.add(new Strand(
                    View.SPINE,
                    1,
                    Kind.WRAP,
                    List.of(new Point(a.alongMm(), 0), new Point(a.alongMm(), frame.passedMm(wrap.hole())))));
        }
        strands.add(strand(wrap.end(), Kind.WRAP, List.of(edge, at(wrap.end()))));
        return strands;
    }
}
