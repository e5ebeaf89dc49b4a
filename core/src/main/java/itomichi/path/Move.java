package itomichi.path;

import java.util.List;

/**
 * One thing the thread does. A move knows where it begins and ends; how long it is and how it lies depend on the frame.
 *
 * <p>The length is by the closed formula of the trade, the trace by points in space: they are worked out apart from each other, so
 * that one checks the other.
 */
public sealed interface Move permits Pass, Run, Wrap, Link, Kettle, Under, Over, Board, Round, Knot, Tail {

    /** Where the thread is before the move. */
    Spot start();

    /** Where the thread is after it: where it was, unless the move says otherwise. */
    default Spot end() {
        return start();
    }

    /** The same lie of the thread, sewn from its other end. */
    default Move reversed() {
        return this;
    }

    /** Whether the thread lies so between two passes: a run, a wrap, a link and the like; not a pass, a knot or a free end. */
    default boolean lies() {
        return true;
    }

    /** Thread used, mm, by the formula for this kind of move. */
    double lengthMm(Frame frame);

    /** How the thread lies, as points from start to end; turns round a thread are polygons that fall short of a circle by under 0.1 %. */
    List<Point3> trace(Frame frame);
}
