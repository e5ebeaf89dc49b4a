package itomichi.path;

/** The work that a path lies in: where its holes are, how thick it is, how thick the thread. All in mm. */
public interface Frame {

    /** Where a hole opens on a face. */
    Point3 at(Spot spot);

    /** Thickness that a pass through this hole goes through. */
    double passedMm(Hole hole);

    /** From this hole to the edge that thread is wrapped round. */
    double toEdgeMm(Hole hole, Edge edge);

    /** From a signature to the one below it, along the spine. */
    double pitchMm();

    /** Diameter of the thread as it is sewn. */
    double threadMm();

    /** Length of a tail left hanging. */
    double tailMm();
}
