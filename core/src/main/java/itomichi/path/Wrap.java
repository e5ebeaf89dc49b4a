package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The thread goes from a hole round an edge of the block and arrives at the same hole on the other face.
 *
 * @param hole the hole
 * @param edge the edge it goes round
 * @param to the face it arrives on
 */
public record Wrap(Hole hole, Edge edge, Face to) implements Move {

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.wrap(this);
    }

    @Override
    public Part part() {
        return Part.SEGMENT;
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Wrap(hole.apply(this.hole), edge, to);
    }

    @Override
    public boolean holdsBelow() {
        return false;
    }

    @Override
    public Spot start() {
        return new Spot(hole, to.opposite());
    }

    @Override
    public Spot end() {
        return new Spot(hole, to);
    }

    @Override
    public Move reversed() {
        return new Wrap(hole, edge, to.opposite());
    }

    @Override
    public double lengthMm(Frame frame) {
        return 2 * frame.toEdgeMm(hole, edge) + frame.passedMm(hole);
    }

    @Override
    public List<Point3> trace(Frame frame) {
        Point3 from = frame.at(start());
        Point3 to = frame.at(end());
        return List.of(from, atEdge(frame, from), atEdge(frame, to), to);
    }

    private Point3 atEdge(Frame frame, Point3 point) {
        double farMm = frame.toEdgeMm(hole, edge);
        return switch (edge) {
            case SPINE -> new Point3(point.xMm(), point.yMm() - farMm, point.zMm());
            case HEAD -> new Point3(point.xMm() - farMm, point.yMm(), point.zMm());
            case TAIL -> new Point3(point.xMm() + farMm, point.yMm(), point.zMm());
        };
    }
}
