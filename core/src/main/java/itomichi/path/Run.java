package itomichi.path;

import java.util.List;

/**
 * The thread lies along a face from one hole to another; between two signatures it climbs from one to the next.
 *
 * @param from the hole it leaves
 * @param to the hole it goes to
 * @param face the face it lies on
 */
public record Run(Hole from, Hole to, Face face) implements Move {

    public Run {
        if (from.equals(to)) {
            throw new IllegalArgumentException("A run needs two holes; read " + from + " twice");
        }
    }

    @Override
    public Spot start() {
        return new Spot(from, face);
    }

    @Override
    public Spot end() {
        return new Spot(to, face);
    }

    @Override
    public double lengthMm(Frame frame) {
        Point3 a = frame.at(start());
        Point3 b = frame.at(end());
        return Math.hypot(a.xMm() - b.xMm(), a.yMm() - b.yMm());
    }

    @Override
    public List<Point3> trace(Frame frame) {
        return List.of(frame.at(start()), frame.at(end()));
    }

    /** Whether the run passes over this hole without going into it. */
    public boolean passesOver(Hole hole) {
        int low = Math.min(from.station(), to.station());
        int high = Math.max(from.station(), to.station());
        return from.signature() == to.signature()
                && hole.signature() == from.signature()
                && low < hole.station()
                && hole.station() < high;
    }
}
