package itomichi.structure;

import itomichi.path.Edge;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.Wrap;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The main holes of a stab binding, sewn in and out from the middle to the head and back, to the tail and back: every gap is covered on
 * both faces. Holes are wrapped on the way out, or on the way back.
 */
final class StabWeave {

    private final SideStitches stitches;
    private final boolean wrapsOnTheWayOut;
    private final PathBuilder path;

    StabWeave(SideStitches stitches, boolean wrapsOnTheWayOut, PathBuilder path) {
        this.stitches = stitches;
        this.wrapsOnTheWayOut = wrapsOnTheWayOut;
        this.path = path;
    }

    /** Sews from the middle hole, whose front the thread has come out at, until it is back there on the back. */
    void sew() {
        int middle = stitches.middle();
        if (wrapsOnTheWayOut) {
            wrap(middle);
        }
        if (!stitches.towardsHead().isEmpty()) {
            there(stitches.towardsHead());
            through(middle);
        }
        there(stitches.towardsTail());
        path.runTo(hole(middle));
        // each wrap round an edge arrives on the back, where the thread ends
        for (Edge edge : wrapsOnTheWayOut ? List.<Edge>of() : stitches.edges(middle)) {
            through(middle);
            path.then(new Wrap(hole(middle), edge, Face.BACK));
        }
    }

    /** Out to the end and back, up to the hole beside the middle. */
    private void there(List<Integer> way) {
        int end = way.get(way.size() - 1);
        for (int number : way) {
            through(number);
            if (wrapsOnTheWayOut || number == end) {
                wrap(number);
            }
        }
        List<Integer> back = new ArrayList<>(way.subList(0, way.size() - 1));
        Collections.reverse(back);
        for (int number : back) {
            through(number);
            if (!wrapsOnTheWayOut) {
                wrap(number);
            }
        }
    }

    /** To a hole and through it to the other face. */
    private void through(int number) {
        path.pass(hole(number), path.here().face().opposite());
    }

    /** Round each edge that a hole is wrapped round, each time back through it. */
    private void wrap(int number) {
        for (Edge edge : stitches.edges(number)) {
            Face face = path.here().face();
            path.then(new Wrap(hole(number), edge, face.opposite())).pass(hole(number), face);
        }
    }

    private static Hole hole(int number) {
        return new Hole(1, number);
    }
}
