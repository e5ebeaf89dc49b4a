package itomichi.path;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The needle goes through a hole.
 *
 * @param hole the hole
 * @param to the face it comes out on
 */
public record Pass(Hole hole, Face to) implements Move {

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.pass(this);
    }

    @Override
    public Part part() {
        return Part.PASS;
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Pass(hole.apply(this.hole), to);
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
        return new Pass(hole, to.opposite());
    }

    @Override
    public double lengthMm(Frame frame) {
        return frame.passedMm(hole);
    }

    @Override
    public List<Point3> trace(Frame frame) {
        List<Point3> points = new ArrayList<>(frame.within(hole));
        if (!to.inner()) {
            Collections.reverse(points);
        }
        points.add(0, frame.at(start()));
        points.add(frame.at(end()));
        return points;
    }
}
