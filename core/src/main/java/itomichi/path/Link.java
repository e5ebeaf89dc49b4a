package itomichi.path;

import java.util.List;

/**
 * The thread passes behind the stitch of the signature below and comes back to its hole.
 *
 * @param hole the hole it came out of
 */
public record Link(Hole hole) implements Move {

    @Override
    public Spot start() {
        return new Spot(hole, Face.OUTSIDE);
    }

    @Override
    public double lengthMm(Frame frame) {
        return 2 * frame.pitchMm(hole) + Math.PI / 2 * 2 * frame.threadMm();
    }

    @Override
    public List<Point3> trace(Frame frame) {
        return Turns.below(frame, hole, frame.at(start()), 1, Math.PI * frame.threadMm());
    }
}
