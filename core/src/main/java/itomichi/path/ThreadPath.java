package itomichi.path;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Chains of moves, each from the tail left at its start to the tail left at its end: one thread, or several one after the other.
 *
 * @param moves the moves in sewing order
 */
public record ThreadPath(List<Move> moves) {

    public ThreadPath {
        moves = List.copyOf(moves);
    }

    /** Thread that lies in the work, without its tails, mm. */
    public double sewnMm(Frame frame) {
        return moves.stream()
                .filter(move -> !move.hangs())
                .mapToDouble(move -> move.lengthMm(frame))
                .sum();
    }

    /** Thread that hangs free at both ends, mm. */
    public double tailsMm(Frame frame) {
        return moves.stream()
                .filter(Move::hangs)
                .mapToDouble(move -> move.lengthMm(frame))
                .sum();
    }

    /** The threads it is sewn with, one after the other, each from tail to tail; a rest without its last tail comes as it is. */
    public List<ThreadPath> threads() {
        List<ThreadPath> threads = new ArrayList<>();
        int from = 0;
        for (int i = 1; i < moves.size(); i++) {
            if (moves.get(i).hangs() && i > from) {
                threads.add(new ThreadPath(moves.subList(from, i + 1)));
                from = i + 1;
            }
        }
        if (from < moves.size()) {
            threads.add(new ThreadPath(moves.subList(from, moves.size())));
        }
        return threads;
    }

    /** One thread in space from end to end: the first tail from its free end, every move, the last tail to its free end. */
    public List<Point3> trace(Frame frame) {
        List<Point3> points = new ArrayList<>();
        for (Move move : moves) {
            List<Point3> piece = new ArrayList<>(move.trace(frame));
            if (move.hangs() && points.isEmpty()) {
                Collections.reverse(piece);
            }
            points.addAll(points.isEmpty() ? piece : piece.subList(1, piece.size()));
        }
        return points;
    }

    /** Moves of one kind, in sewing order. */
    public <M extends Move> List<M> moves(Class<M> kind) {
        return moves.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** Whether a stitch of it passes over a hole on that face without going in. */
    public boolean crosses(Hole hole, Face face) {
        return moves(Run.class).stream().anyMatch(run -> run.face() == face && run.passesOver(hole));
    }

    /** How often the needle passes through each hole. */
    public Map<Hole, Integer> passes() {
        Map<Hole, Integer> passes = new HashMap<>();
        for (Move move : moves) {
            if (move.passes()) {
                passes.merge(move.start().hole(), 1, Integer::sum);
            }
        }
        return passes;
    }
}
