package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A free end of the thread.
 *
 * @param hole the hole it hangs from
 * @param face the face it hangs on
 * @param side on which side of a stitch that crosses the hole it lies
 */
public record Tail(Hole hole, Face face, Side side) implements Move {

    /** A side of the fold, seen with the head up and the inside towards the eye. */
    public enum Side {
        LEFT,
        RIGHT,
        /** No stitch crosses the hole on this face. */
        FREE
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.tail(this);
    }

    @Override
    public Part part() {
        return Part.END;
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Tail(hole.apply(this.hole), face, side);
    }

    @Override
    public boolean holdsBelow() {
        return false;
    }

    @Override
    public Move reversed() {
        return this;
    }

    @Override
    public Spot start() {
        return new Spot(hole, face);
    }

    @Override
    public double lengthMm(Frame frame) {
        return frame.tailMm();
    }

    /** Straight out from its face; it hangs free, so its far end is not where the thread goes on. */
    @Override
    public List<Point3> trace(Frame frame) {
        Point3 from = frame.at(start());
        double outMm = face.inner() ? -frame.tailMm() : frame.tailMm();
        return List.of(from, new Point3(from.xMm(), from.yMm(), from.zMm() + outMm));
    }
}
