package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The knot near head or tail that ties a signature to the one below: down, round, and through its own loop.
 *
 * @param hole the hole it came out of
 */
public record Kettle(Hole hole) implements OutsideTurn {

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.kettle(this);
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Kettle(hole.apply(this.hole));
    }

    @Override
    public boolean holdsBelow() {
        return true;
    }

    @Override
    public double lengthMm(Frame frame) {
        return 2 * frame.pitchMm(hole) + 2 * Math.PI * frame.threadMm() * 1.5;
    }

    @Override
    public List<Point3> trace(Frame frame) {
        return Turns.below(frame, hole, frame.at(start()), 3, Math.PI * frame.threadMm());
    }
}
