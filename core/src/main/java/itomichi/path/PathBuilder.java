package itomichi.path;

import java.util.ArrayList;
import java.util.List;

/** Chains moves from one pass to the next, putting in the runs that lie between. */
public final class PathBuilder {

    private final List<Move> moves = new ArrayList<>();

    /** Leaves a tail at a hole and begins there. */
    public PathBuilder from(Hole hole, Face face, Tail.Side side) {
        moves.add(new Tail(hole, face, side));
        return this;
    }

    /** Runs to the hole, unless the thread is there, and passes through it to the given face. */
    public PathBuilder pass(Hole hole, Face to) {
        Spot here = here();
        if (!here.hole().equals(hole)) {
            moves.add(new Run(here.hole(), hole, here.face()));
        }
        moves.add(new Pass(hole, to));
        return this;
    }

    /** Adds any other move. */
    public PathBuilder then(Move move) {
        moves.add(move);
        return this;
    }

    /** Ties a knot where the thread is. */
    public PathBuilder tie(int turns) {
        return then(new Knot(here().hole(), here().face(), turns));
    }

    /** Leaves the last tail where the thread is. */
    public ThreadPath end(Tail.Side side) {
        moves.add(new Tail(here().hole(), here().face(), side));
        return new ThreadPath(moves);
    }

    /** Where the thread is. */
    public Spot here() {
        return moves.get(moves.size() - 1).end();
    }
}
