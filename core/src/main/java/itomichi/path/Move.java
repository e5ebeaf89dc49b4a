package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * One thing the thread does. A move knows where it begins and ends; how long it is and how it lies depend on the frame.
 *
 * <p>The length is by the closed formula of the trade, the trace by points in space: they are worked out apart from each other, so
 * that one checks the other.
 */
public sealed interface Move permits Pass, Run, Wrap, OutsideTurn, Under, Round, Knot, Tail {

    /** What part a move plays in the work. */
    enum Part {
        /** The needle goes through a hole. */
        PASS,
        /** The thread lies between two passes: along a face, round an edge or a support, behind another stitch. */
        SEGMENT,
        /** Ends are tied. */
        KNOT,
        /** A free end. */
        END
    }

    /**
     * An answer for each kind of move; a new kind does not compile until every question has its answer.
     *
     * @param <T> what is asked for
     */
    interface Cases<T> {
        T pass(Pass pass);

        T run(Run run);

        T wrap(Wrap wrap);

        T link(Link link);

        T kettle(Kettle kettle);

        T under(Under under);

        T over(Over over);

        T board(Board board);

        T round(Round round);

        T knot(Knot knot);

        T tail(Tail tail);
    }

    /** The answer for a move of this kind. */
    <T> T match(Cases<T> cases);

    /** The part it plays. */
    Part part();

    /** Where the thread is before the move. */
    Spot start();

    /** Where the thread is after it: where it was, unless the move says otherwise. */
    default Spot end() {
        return start();
    }

    /** The same move sewn from its other end. */
    Move reversed();

    /** The same move at other holes: each of its holes taken to another. */
    Move at(UnaryOperator<Hole> hole);

    /** Whether it holds on to a stitch of the signature below without leaving its own. */
    boolean holdsBelow();

    /** Whether the thread lies so between two passes. */
    default boolean segment() {
        return part() == Part.SEGMENT;
    }

    /** Whether the needle goes through a hole. */
    default boolean passes() {
        return part() == Part.PASS;
    }

    /** Whether it is a free end. */
    default boolean hangs() {
        return part() == Part.END;
    }

    /** Thread used, mm, by the formula for this kind of move. */
    double lengthMm(Frame frame);

    /** How the thread lies, as points from start to end; turns round a thread are polygons that fall short of a circle by under 0.1 %. */
    List<Point3> trace(Frame frame);
}
