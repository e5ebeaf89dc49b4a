package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The thread passes behind the stitch of the signature below and comes back to its hole.
 *
 * @param hole the hole it came out of
 */
public record Link(Hole hole) implements OutsideTurn {

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.link(this);
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Link(hole.apply(this.hole));
    }

    @Override
    public boolean holdsBelow() {
        return true;
    }

    @Override
    public double lengthMm(Frame frame) {
        return 2 * frame.pitchMm(hole) + Math.PI / 2 * 2 * frame.threadMm();
    }

    @Override
    public List<Point3> trace(Frame frame) {
        return Turns.below(frame.pitchMm(hole), frame.at(start()), 1, Math.PI * frame.threadMm());
    }
}
