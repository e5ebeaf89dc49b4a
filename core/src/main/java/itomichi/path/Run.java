package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * The thread lies along a face from one hole to another; between two signatures it climbs from one to the next.
 *
 * @param from the hole it leaves
 * @param to the hole it goes to
 * @param face the face it lies on
 */
public record Run(Hole from, Hole to, Face face) implements Move {

    /** @throws IllegalArgumentException if both holes are one */
    public Run {
        if (from.equals(to)) {
            throw new IllegalArgumentException("A run needs two holes; read " + from + " twice");
        }
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.run(this);
    }

    @Override
    public Part part() {
        return Part.SEGMENT;
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Run(hole.apply(from), hole.apply(to), face);
    }

    @Override
    public boolean holdsBelow() {
        return false;
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
    public Move reversed() {
        return new Run(to, from, face);
    }

    /** Whether it climbs from one signature to another. */
    public boolean climbs() {
        return from.signature() != to.signature();
    }

    /** In the plane of its face; over a support, up one side of it and down the other besides. */
    @Override
    public double lengthMm(Frame frame) {
        Point3 a = frame.at(start());
        Point3 b = frame.at(end());
        return Math.hypot(a.xMm() - b.xMm(), a.yMm() - b.yMm()) + 2 * frame.liftMm(this);
    }

    @Override
    public List<Point3> trace(Frame frame) {
        Point3 a = frame.at(start());
        Point3 b = frame.at(end());
        double liftMm = frame.liftMm(this);
        // across to another signature the folds may lie at different depths; the thread is measured in the plane
        Point3 level = new Point3(b.xMm(), b.yMm(), a.zMm());
        return liftMm == 0 ? List.of(a, level) : List.of(a, a.raised(liftMm), level.raised(liftMm), level);
    }

    /** The holes that the run passes over without going into them, from the head down. */
    List<Hole> crossed() {
        int low = Math.min(from.station(), to.station());
        int high = Math.max(from.station(), to.station());
        return IntStream.range(low + 1, Math.max(low + 1, high))
                .mapToObj(station -> new Hole(from.signature(), station))
                .filter(this::passesOver)
                .toList();
    }

    /** Whether the run passes over this hole of a fold without going into it; holes of a block do not lie in one line. */
    public boolean passesOver(Hole hole) {
        int low = Math.min(from.station(), to.station());
        int high = Math.max(from.station(), to.station());
        return (face == Face.INSIDE || face == Face.OUTSIDE)
                && from.signature() == to.signature()
                && hole.signature() == from.signature()
                && low < hole.station()
                && hole.station() < high;
    }
}
