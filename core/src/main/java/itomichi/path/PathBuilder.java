package itomichi.path;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Chains moves from one pass to the next, putting in the runs that lie between. */
public final class PathBuilder {

    private final List<Move> moves = new ArrayList<>();
    private @Nullable Edge round;
    private boolean under;
    private boolean inHand;

    /** Leaves a tail at a hole and begins there. */
    public PathBuilder from(Hole hole, Face face, Tail.Side side) {
        moves.add(new Tail(hole, face, side));
        inHand = true;
        return this;
    }

    /** Runs to the hole, unless the thread is there, and passes through it to the given face. */
    public PathBuilder pass(Hole hole, Face to) {
        runTo(hole);
        moves.add(new Pass(hole, to));
        return this;
    }

    /** Runs to the hole, unless the thread is there, and does not go in. */
    public PathBuilder runTo(Hole hole) {
        Spot here = here();
        if (!here.hole().equals(hole)) {
            moves.add(
                    round != null
                            ? new Round(here.hole(), hole, round)
                            : under ? new Under(here.hole(), hole) : new Run(here.hole(), hole, here.face()));
        }
        round = null;
        under = false;
        return this;
    }

    /** The next run goes under the stitch of the signature below. */
    public PathBuilder under() {
        under = true;
        return this;
    }

    /** The next run goes round head or tail into another signature. */
    public PathBuilder round(Edge edge) {
        round = edge;
        return this;
    }

    /** Passes behind the stitch of the signature below. */
    public PathBuilder link() {
        return then(new Link(here().hole()));
    }

    /** Ties to the signature below. */
    public PathBuilder kettle() {
        return kettle(1);
    }

    /** Ties to the signature so many below, 1 or more. */
    public PathBuilder kettle(int down) {
        return then(new Kettle(here().hole(), down));
    }

    /** Adds any other move. */
    public PathBuilder then(Move move) {
        moves.add(move);
        return this;
    }

    /** Ties a knot of so many turns, 1 or more, where the thread is. */
    public PathBuilder tie(int turns) {
        return then(new Knot(here().hole(), here().face(), turns));
    }

    /** Leaves a tail where the thread is; the next thread begins with {@link #from}. */
    public PathBuilder cut() {
        inHand = false;
        return then(new Tail(here().hole(), here().face(), Tail.Side.FREE));
    }

    /** Leaves a tail where the thread is and ties the next thread to it, by a knot of so many turns, 1 or more. */
    public PathBuilder join(int turns) {
        Spot here = here();
        return cut().from(here.hole(), here.face(), Tail.Side.FREE).tie(turns);
    }

    /** Leaves the last tail where the thread is; each thread's tails lie to both sides of a stitch over their hole. */
    public ThreadPath end() {
        if (inHand) {
            cut();
        }
        return Sides.of(new ThreadPath(moves));
    }

    /** Where the thread is. */
    public Spot here() {
        return moves.get(moves.size() - 1).end();
    }

    /** Whether the thread was cut, and none is in hand. */
    boolean cutOff() {
        return !inHand;
    }

    /** What is announced for the next run. */
    boolean announced() {
        return under || round != null;
    }
}
