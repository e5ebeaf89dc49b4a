package itomichi.path;

import java.util.List;

/**
 * A square knot at a hole.
 *
 * @param hole the hole it sits on
 * @param face the face it sits on
 * @param turns two, or three if anxious
 */
public record Knot(Hole hole, Face face, int turns) implements Move {

    /** Thread that one turn of a square knot takes, in diameters of the thread: common practice. */
    static final double DIAMETERS_PER_TURN = 12;

    @Override
    public Spot start() {
        return new Spot(hole, face);
    }

    @Override
    public boolean lies() {
        return false;
    }

    @Override
    public double lengthMm(Frame frame) {
        return turns * DIAMETERS_PER_TURN * frame.threadMm();
    }

    @Override
    public List<Point3> trace(Frame frame) {
        return Turns.at(frame.at(start()), turns, DIAMETERS_PER_TURN * frame.threadMm());
    }
}
