package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The thread leaves a signature along the inside of its fold, goes round the head or tail edge of the cover, and into the next signature.
 *
 * @param from the hole it leaves, inside
 * @param to the hole of the other signature that it goes to, inside
 * @param edge head or tail
 */
public record Round(Hole from, Hole to, Edge edge) implements Move {

    /** @throws IllegalArgumentException if both holes are of one signature, or the edge is the spine */
    public Round {
        if (from.signature() == to.signature() || edge == Edge.SPINE) {
            throw new IllegalArgumentException(
                    "Head or tail is gone round from one signature to another; read " + edge + ", " + from + ", " + to);
        }
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.round(this);
    }

    @Override
    public Part part() {
        return Part.SEGMENT;
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Round(hole.apply(from), hole.apply(to), edge);
    }

    @Override
    public boolean holdsBelow() {
        return false;
    }

    @Override
    public Spot start() {
        return new Spot(from, Face.INSIDE);
    }

    @Override
    public Spot end() {
        return new Spot(to, Face.INSIDE);
    }

    @Override
    public Move reversed() {
        return new Round(to, from, edge);
    }

    /** To the edge, through the thickness of fold and cover there, across the spine, and the same way back. */
    @Override
    public double lengthMm(Frame frame) {
        Point3 a = frame.at(start());
        Point3 b = frame.at(end());
        return frame.toEdgeMm(from, edge)
                + frame.passedMm(from)
                + Math.abs(a.yMm() - b.yMm())
                + frame.passedMm(to)
                + frame.toEdgeMm(to, edge);
    }

    @Override
    public List<Point3> trace(Frame frame) {
        Point3 a = frame.at(start());
        Point3 b = frame.at(end());
        double way = edge == Edge.HEAD ? -1 : 1;
        Point3 edgeA = a.along(way * frame.toEdgeMm(from, edge));
        Point3 edgeB = b.along(way * frame.toEdgeMm(to, edge));
        return List.of(a, edgeA, edgeA.raised(frame.passedMm(from)), edgeB.raised(frame.passedMm(to)), edgeB, b);
    }
}
