package itomichi.path;

import java.util.List;
import java.util.function.Function;

/** The work that a path lies in: where its holes are, how thick it is, how thick the thread. All in mm. */
public sealed interface Frame permits FoldFrame, StabFrame {

    /** Signatures that lie side by side; 1 where all is sewn as one. */
    int signatures();

    /** The answer for what kind of work it is. */
    <T> T match(Function<FoldFrame, T> folds, Function<StabFrame, T> block);

    /** Where a hole opens on a face. */
    Point3 at(Spot spot);

    /** Where a pass bends on its way through, from the outside or front; it mostly goes straight. */
    default List<Point3> within(Hole hole) {
        return List.of();
    }

    /** Thickness that a pass through this hole goes through. */
    double passedMm(Hole hole);

    /** From this hole to the edge that thread is wrapped round. */
    double toEdgeMm(Hole hole, Edge edge);

    /** From the signature of this hole to the one below it, across the spine. */
    double pitchMm(Hole hole);

    /** From the signature of this hole to the one so many below it. */
    default double pitchMm(Hole hole, int down) {
        int lower = hole.signature() - down;
        return down == 1 || lower < 1
                ? pitchMm(hole)
                : at(new Spot(hole, Face.OUTSIDE)).yMm()
                        - at(new Spot(new Hole(lower, hole.station()), Face.OUTSIDE))
                                .yMm();
    }

    /** Thickness of the support that a run goes over; 0 where none lies under it. */
    double liftMm(Run run);

    /** What lies along or beside the spine and is sewn on with it. */
    Supports supports();

    /** Diameter of the thread as it is sewn. */
    double threadMm();

    /** Length of a tail left hanging. */
    double tailMm();
}
