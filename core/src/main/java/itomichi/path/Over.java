package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The thread goes once round the cord that lies along the fold, and is back at its hole.
 *
 * @param hole the hole it came out of
 */
public record Over(Hole hole) implements OutsideTurn {

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.over(this);
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Over(hole.apply(this.hole));
    }

    @Override
    public boolean holdsBelow() {
        return false;
    }

    /** The round of the cord, measured at the middle of the thread. */
    @Override
    public double lengthMm(Frame frame) {
        return Math.PI * (frame.supports().cord().mm() + frame.threadMm());
    }

    @Override
    public List<Point3> trace(Frame frame) {
        return Turns.at(frame.at(start()), 1, lengthMm(frame));
    }
}
