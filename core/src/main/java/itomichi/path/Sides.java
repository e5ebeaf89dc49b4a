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
                moves.add(
                        thread.moves().get(i) instanceof Tail tail
                                ? laid(thread, tail, i == 0 ? Tail.Side.LEFT : Tail.Side.RIGHT)
                                : thread.moves().get(i));
            }
        }
        return new ThreadPath(moves);
    }

    private static Tail laid(ThreadPath thread, Tail tail, Tail.Side side) {
        return new Tail(tail.hole(), tail.face(), crossed(thread, tail) ? side : Tail.Side.FREE);
    }

    static boolean crossed(ThreadPath thread, Tail tail) {
        for (Move move : thread.moves()) {
            if (move instanceof Run run && run.face() == tail.face() && run.passesOver(tail.hole())) {
                return true;
            }
        }
        return false;
    }
}
