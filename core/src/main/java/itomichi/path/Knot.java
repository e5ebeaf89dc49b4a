package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A square knot at a hole.
 *
 * @param hole the hole it sits on
 * @param face the face it sits on
 * @param turns two, or three if anxious
 */
public record Knot(Hole hole, Face face, int turns) implements Move {

    /** Turns of a knot where nothing else is said: common practice. */
    static final int USUAL_TURNS = 2;

    /** Thread that one turn of a square knot takes, in diameters of the thread: common practice. */
    public static final double DIAMETERS_PER_TURN = 12;

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.knot(this);
    }

    @Override
    public Part part() {
        return Part.KNOT;
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Knot(hole.apply(this.hole), face, turns);
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
        return turns * DIAMETERS_PER_TURN * frame.threadMm();
    }

    @Override
    public List<Point3> trace(Frame frame) {
        return Turns.at(frame.at(start()), turns, DIAMETERS_PER_TURN * frame.threadMm());
    }
}
