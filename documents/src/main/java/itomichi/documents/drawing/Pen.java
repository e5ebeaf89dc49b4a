package itomichi.documents.drawing;

/** What a line is for; how it looks follows from that. Widths and dashes in mm. */
public enum Pen {
    /** Cut along it. */
    CUT(0.35, 0, 0),
    /** Fold along it. */
    FOLD(0.25, 4, 2),
    /** A hole is to be made where it crosses the fold. */
    STATION(0.25, 0, 0),
    /** A hole's rim. */
    HOLE(0.2, 0, 0),
    /** A bar of known length to check the printer by. */
    CHECK(0.25, 0, 0),
    /** Where two tiles are joined. */
    JOIN(0.2, 3, 1),
    /** Which way the grain runs. */
    GRAIN(0.08, 3, 1.5),
    /** Thread that lies where it is seen. */
    THREAD(0.7, 0, 0),
    /** Thread that lies inside a fold, or at the back of a block. */
    THREAD_BEHIND(0.7, 2.2, 1.4),
    /** Thread that was sewn before. */
    THREAD_BEFORE(0.3, 0, 0),
    /** A bar over the back of a signature. */
    BAR(2, 0, 0),
    /** Something to read or to see, not to work along. */
    NOTE(0.2, 0, 0);

    private final double widthMm;
    private final double dashMm;
    private final double gapMm;

    Pen(double widthMm, double dashMm, double gapMm) {
        this.widthMm = widthMm;
        this.dashMm = dashMm;
        this.gapMm = gapMm;
    }

    public double widthMm() {
        return widthMm;
    }

    /** Length of a dash; 0 for a whole line. */
    public double dashMm() {
        return dashMm;
    }

    public double gapMm() {
        return gapMm;
    }
}
