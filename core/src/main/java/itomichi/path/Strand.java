package itomichi.path;

import java.util.List;

/**
 * A piece of thread as it is drawn on one view of the work.
 *
 * @param view the view it is seen on
 * @param signature whose inside it lies on; on the other views the signature it belongs to
 * @param kind what it is
 * @param points where it lies, mm: along the work from the head, and across it. Outside across is from the first signature, on front and
 *     back from the spine, on the spine from the front, inside from the fold. Three points are a curve with the middle one pulling at it,
 *     others a chain of straight pieces
 */
public record Strand(View view, int signature, Kind kind, List<Point> points) {

    /** What is looked at. */
    public enum View {
        INSIDE,
        OUTSIDE,
        FRONT,
        BACK,
        SPINE;

        static View of(Face face) {
            return valueOf(face.name());
        }
    }

    /** What a piece of thread is. */
    public enum Kind {
        RUN,
        CLIMB,
        LINK,
        KETTLE,
        WRAP,
        ROUND_SUPPORT,
        KNOT,
        TAIL
    }

    /**
     * A place on a view.
     *
     * @param alongMm along the spine or fold, from the head of the work, mm
     * @param acrossMm across it, in the way the view says, mm
     */
    public record Point(double alongMm, double acrossMm) {}

    public Strand {
        points = List.copyOf(points);
    }
}
