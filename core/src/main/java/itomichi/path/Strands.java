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
public final class Strands implements Move.Cases<List<Strand>> {

    /** How far the first thread between two holes bows, as a share of its length, and at most, mm. */
    private static final double BOW_SHARE = 0.06;

    private static final double MOST_BOW_MM = 1.6;
    /** Half the width of the loop that a link is drawn as, mm. */
    private static final double LOOP_MM = 0.9;
    /** Where the middle of a loop pulls to, in pitches below its hole: half of it is where the curve comes. */
    private static final double PULLED_PITCHES = 1.7;

    private final Frame frame;
    private final Map<StitchPattern.Stitch, Integer> lanes = new HashMap<>();
    private final int signatures;

    private Strands(Frame frame) {
        this.frame = frame;
        this.signatures = frame.signatures();
    }

    /** The strands of each move, in sewing order. */
    public static List<List<Strand>> of(ThreadPath path, Frame frame) {
        Strands strands = new Strands(frame);
        List<List<Strand>> all = new ArrayList<>();
        path.moves().forEach(move -> all.add(move.match(strands)));
        return all;
    }

    /** The strands of each step of a path's sewing. */
    public static List<List<Strand>> bySteps(List<SewingStep> steps, Frame frame) {
        Strands strands = new Strands(frame);
        return steps.stream()
                .map(step -> step.moves().stream()
                        .flatMap(move -> move.match(strands).stream())
                        .toList())
                .toList();
    }

    /** Seen as the dot of its hole, which is drawn with the work. */
    @Override
    public List<Strand> pass(Pass pass) {
        return List.of();
    }

    @Override
    public List<Strand> run(Run run) {
        return List.of(strand(run.start(), run.climbs() ? Kind.CLIMB : Kind.RUN, bowed(run)));
    }

    @Override
    public List<Strand> under(Under under) {
        Point a = at(under.start());
        Point b = at(under.end());
        Point pulled = new Point(
                (a.alongMm() + b.alongMm()) / 2,
                (a.acrossMm() + b.acrossMm()) / 2 - PULLED_PITCHES * frame.pitchMm(under.from()));
        return List.of(strand(under.start(), Kind.LINK, List.of(a, pulled, b)));
    }

    @Override
    public List<Strand> link(Link link) {
        return List.of(loop(link, Kind.LINK, LOOP_MM, frame.pitchMm(link.hole())));
    }

    @Override
    public List<Strand> kettle(Kettle kettle) {
        return List.of(loop(kettle, Kind.KETTLE, 2 * LOOP_MM, frame.pitchMm(kettle.hole(), kettle.down())));
    }

    private Strand loop(Move move, Kind kind, double halfMm, double downMm) {
        Point a = at(move.start());
        double below = PULLED_PITCHES * downMm;
        return strand(
                move.start(),
                kind,
                List.of(
                        new Point(a.alongMm() - halfMm, a.acrossMm()),
                        new Point(a.alongMm(), a.acrossMm() - below),
                        new Point(a.alongMm() + halfMm, a.acrossMm())));
    }

    /** Across the cord. */
    @Override
    public List<Strand> over(Over over) {
        Point a = at(over.start());
        double half = frame.supports().cord().mm() / 2;
        return List.of(strand(
                over.start(),
                Kind.ROUND_SUPPORT,
                List.of(new Point(a.alongMm(), a.acrossMm() - half), new Point(a.alongMm(), a.acrossMm() + half))));
    }

    /** Out to the board's hole: of the first signature to one side, of the last to the other. */
    @Override
    public List<Strand> board(Board board) {
        Point a = at(board.start());
        double out = frame.supports().boardHole().mm() * (board.hole().signature() == signatures ? 1 : -1);
        return List.of(strand(
                board.start(), Kind.ROUND_SUPPORT, List.of(a, new Point(a.alongMm(), a.acrossMm() + out))));
    }

    @Override
    public List<Strand> knot(Knot knot) {
        return List.of(strand(knot.start(), Kind.KNOT, List.of(at(knot.start()))));
    }

    @Override
    public List<Strand> tail(Tail tail) {
        return List.of(strand(tail.start(), Kind.TAIL, List.of(at(tail.start()))));
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
        double way = along > 0 || (along == 0 && across > 0) ? 1 : -1;
        double bowMm = 2 * lane * way * Math.min(MOST_BOW_MM, BOW_SHARE * length);
        Point pulled = new Point(
                (a.alongMm() + b.alongMm()) / 2 + bowMm * across / length,
                (a.acrossMm() + b.acrossMm()) / 2 - bowMm * along / length);
        return List.of(a, pulled, b);
    }

    @Override
    public List<Strand> round(Round round) {
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

    @Override
    public List<Strand> wrap(Wrap wrap) {
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
