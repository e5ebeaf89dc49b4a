package itomichi.path;

import java.util.ArrayList;
import java.util.List;

/** Lays the two tails on either side of a stitch that crosses the hole they hang from. */
final class Sides {

    private Sides() {}

    /** The same path, its tails to the left and right of a stitch over their hole, or free where none lies there. */
    static ThreadPath of(ThreadPath path) {
        List<Move> moves = new ArrayList<>(path.moves());
        int last = moves.size() - 1;
        moves.set(0, laid(path, (Tail) moves.get(0), Tail.Side.LEFT));
        moves.set(last, laid(path, (Tail) moves.get(last), Tail.Side.RIGHT));
        return new ThreadPath(moves);
    }

    private static Tail laid(ThreadPath path, Tail tail, Tail.Side side) {
        return new Tail(tail.hole(), tail.face(), crossed(path, tail) ? side : Tail.Side.FREE);
    }

    static boolean crossed(ThreadPath path, Tail tail) {
        return path.moves().stream()
                .anyMatch(move -> move instanceof Run run && run.face() == tail.face() && run.passesOver(tail.hole()));
    }
}
