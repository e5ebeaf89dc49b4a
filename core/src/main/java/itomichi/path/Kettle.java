package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The knot near head or tail that ties a signature to what lies below: down, round, and through its own loop.
 *
 * @param hole the hole it came out of
 * @param down how many signatures below lies the one whose stitch it goes round; 1 where every signature is tied to the next
 */
public record Kettle(Hole hole, int down) implements OutsideTurn {

    /** @throws IllegalArgumentException if it would not go down */
    public Kettle {
        if (down < 1) {
            throw new IllegalArgumentException("A kettle goes down at least one signature; read " + down);
        }
    }

    /** Tied to the signature below. */
    public Kettle(Hole hole) {
        this(hole, 1);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.kettle(this);
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Kettle(hole.apply(this.hole), down);
    }

    @Override
    public boolean holdsBelow() {
        return true;
    }

    @Override
    public double lengthMm(Frame frame) {
        return 2 * frame.pitchMm(hole, down) + 2 * Math.PI * frame.threadMm() * 1.5;
    }

    @Override
    public List<Point3> trace(Frame frame) {
        return Turns.below(frame.pitchMm(hole, down), frame.at(start()), 3, Math.PI * frame.threadMm());
    }
}
