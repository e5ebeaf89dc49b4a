package itomichi.path;

import itomichi.measure.Length;
import itomichi.station.Stations;

/**
 * Signatures lying side by side along a spine, sewn through their folds.
 *
 * @param stations stations along every fold
 * @param passed thickness at the fold: the sheets once, and the cover if it is sewn through
 * @param pitch from one signature to the next
 * @param thread diameter of the thread
 * @param tail length of each tail
 */
public record FoldFrame(Stations stations, Length passed, Length pitch, Length thread, Length tail) implements Frame {

    @Override
    public Point3 at(Spot spot) {
        double depthMm = spot.face() == Face.INSIDE ? -passed.mm() : 0;
        return new Point3(
                stations.at(spot.hole().station()).mm(),
                pitch.mm() * (spot.hole().signature() - 1),
                depthMm);
    }

    @Override
    public double passedMm(Hole hole) {
        return passed.mm();
    }

    @Override
    public double toEdgeMm(Hole hole, Edge edge) {
        throw new IllegalArgumentException("A fold has no " + edge.word() + " to wrap thread round");
    }

    @Override
    public double pitchMm() {
        return pitch.mm();
    }

    @Override
    public double threadMm() {
        return thread.mm();
    }

    @Override
    public double tailMm() {
        return tail.mm();
    }
}
