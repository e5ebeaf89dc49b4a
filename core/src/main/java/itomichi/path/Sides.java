package itomichi.path;

import java.util.ArrayList;
import java.util.List;

/** Lays the two tails of each thread on either side of a stitch that crosses the hole they hang from. */
final class Sides {

    private Sides() {}

    /** The same path, its tails to the left and right of a stitch over their hole, or free where none lies there. */
    static ThreadPath of(ThreadPath path) {
        List<Move> moves = new ArrayList<>();
        for (ThreadPath thread : path.threads()) {
            int last = thread.moves().size() - 1;
            for (int i = 0; i <= last; i++) {
                Move move = thread.moves().get(i);
                moves.add(move instanceof Tail tail ? laid(thread, tail, i == 0) : move);
            }
        }
        return new ThreadPath(moves);
    }

    private static Tail laid(ThreadPath thread, Tail tail, boolean first) {
        Tail.Side side = first ? Tail.Side.LEFT : Tail.Side.RIGHT;
        return new Tail(tail.hole(), tail.face(), thread.crosses(tail.hole(), tail.face()) ? side : Tail.Side.FREE);
    }
}
