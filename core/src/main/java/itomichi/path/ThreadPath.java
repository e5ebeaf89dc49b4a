package itomichi.path;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A chain of moves, from the tail left at the start to the tail left at the end.
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
                .filter(move -> !(move instanceof Tail))
                .mapToDouble(move -> move.lengthMm(frame))
                .sum();
    }

    /** Thread that hangs free at both ends, mm. */
    public double tailsMm(Frame frame) {
        return moves.stream()
                .filter(Tail.class::isInstance)
                .mapToDouble(move -> move.lengthMm(frame))
                .sum();
    }

    /** The thread in space from end to end: the first tail from its free end, every move, the last tail to its free end. */
    public List<Point3> trace(Frame frame) {
        List<Point3> points = new ArrayList<>();
        for (Move move : moves) {
            List<Point3> piece = new ArrayList<>(move.trace(frame));
            if (move instanceof Tail && points.isEmpty()) {
                Collections.reverse(piece);
            }
            points.addAll(points.isEmpty() ? piece : piece.subList(1, piece.size()));
        }
        return points;
    }

    /** How often the needle passes through each hole. */
    public Map<Hole, Integer> passes() {
        Map<Hole, Integer> passes = new TreeMap<>();
        for (Move move : moves) {
            if (move instanceof Pass pass) {
                passes.merge(pass.hole(), 1, Integer::sum);
            }
        }
        return passes;
    }
}
