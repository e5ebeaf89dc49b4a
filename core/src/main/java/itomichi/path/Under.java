package itomichi.path;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The thread runs outside between two holes and on its way passes under the stitch of the signature below.
 *
 * @param from the hole it came out of
 * @param to the hole it goes to
 */
public record Under(Hole from, Hole to) implements Move {

    /** @throws IllegalArgumentException if both holes are one */
    public Under {
        if (from.equals(to)) {
            throw new IllegalArgumentException("A stitch under another needs two holes; read " + from + " twice");
        }
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.under(this);
    }

    @Override
    public Part part() {
        return Part.SEGMENT;
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Under(hole.apply(from), hole.apply(to));
    }

    @Override
    public boolean holdsBelow() {
        return true;
    }

    @Override
    public Spot start() {
        return new Spot(from, Face.OUTSIDE);
    }

    @Override
    public Spot end() {
        return new Spot(to, Face.OUTSIDE);
    }

    @Override
    public Move reversed() {
        return new Under(to, from);
    }

    /** As long as the run, and a link besides. */
    @Override
    public double lengthMm(Frame frame) {
        return Math.abs(frame.at(start()).xMm() - frame.at(end()).xMm()) + new Link(from).lengthMm(frame);
    }

    @Override
    public List<Point3> trace(Frame frame) {
        Point3 a = frame.at(start());
        Point3 b = frame.at(end());
        List<Point3> points = new ArrayList<>();
        points.add(a);
        points.addAll(
                Turns.below(frame.pitchMm(from), a.along((b.xMm() - a.xMm()) / 2), 1, Math.PI * frame.threadMm()));
        points.add(b);
        return points;
    }
}
