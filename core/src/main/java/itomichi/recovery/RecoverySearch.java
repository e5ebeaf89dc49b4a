package itomichi.recovery;

import itomichi.order.EulerTrail;
import itomichi.order.Order;
import itomichi.order.Question;
import itomichi.path.Frame;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Pass;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.path.ThreadPath;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The way back from a wrong hole: how far to unpick at least, and by which order to go on so that the wanted pattern is still sewn.
 *
 * <p>What is left of the signature in hand is a pattern of its own, from where the thread is to where the plan leaves the signature;
 * {@link EulerTrail} finds its order, or none. One pass after the other is taken back until it does. What was sewn by the plan can always be
 * gone on with, so an answer is always found. Other signatures are sewn as planned.
 *
 * <p>Cost: one question to {@link EulerTrail} for each pass taken back.
 */
public final class RecoverySearch {

    private final List<Move> planned;
    private final int from;
    /** The last segment of the signature in hand. */
    private final int last;

    private final Frame frame;

    private RecoverySearch(List<Move> planned, int at, Frame frame) {
        this.planned = planned;
        this.frame = frame;
        this.from = start(at);
        this.last = lastSegment(end(at));
    }

    /**
     * Finds the way.
     *
     * @param path the path that is being sewn
     * @param sewn moves of it that were sewn as they should be, ending with a pass
     * @param strayed the holes that the needle went through since, each time to the other face
     * @param frame the work
     * @throws IllegalArgumentException if no pass was sewn yet, or a hole is of another signature
     */
    public static WayBack find(ThreadPath path, int sewn, List<Hole> strayed, Frame frame) {
        List<Move> moves = path.moves();
        if (sewn < 1 || sewn > moves.size() || !moves.get(sewn - 1).passes()) {
            throw new IllegalArgumentException("The way back starts after a pass; read " + sewn + " moves sewn");
        }
        int signature = moves.get(sewn - 1).start().hole().signature();
        for (Hole hole : strayed) {
            if (hole.signature() != signature) {
                throw new IllegalArgumentException(
                        "A wrong hole lies in signature " + signature + ", which is in hand; read " + hole);
            }
        }
        RecoverySearch back = new RecoverySearch(moves, sewn - 1, frame);
        return back.find(back.really(sewn, strayed));
    }

    /** What was really sewn. */
    private List<Move> really(int sewn, List<Hole> strayed) {
        List<Move> moves = new ArrayList<>(planned.subList(0, sewn));
        for (Hole hole : strayed) {
            Spot here = moves.get(moves.size() - 1).end();
            if (!here.hole().equals(hole)) {
                moves.add(new Run(here.hole(), hole, here.face()));
            }
            moves.add(new Pass(hole, here.face().opposite()));
        }
        return moves;
    }

    private WayBack find(List<Move> really) {
        List<Move> kept = new ArrayList<>(really);
        int unpicked = 0;
        while (true) {
            Optional<WayBack> way = onwards(kept, unpicked);
            if (way.isPresent()) {
                return way.get();
            }
            unpick(kept);
            unpicked++;
        }
    }

    /** Takes back the last pass and what leads to it. */
    private static void unpick(List<Move> kept) {
        kept.remove(kept.size() - 1);
        while (!kept.get(kept.size() - 1).passes()) {
            kept.remove(kept.size() - 1);
        }
    }

    private Optional<WayBack> onwards(List<Move> kept, int unpicked) {
        int number = kept.size();
        if (number <= planned.size() && planned.subList(0, number).equals(kept)) {
            return Optional.of(new WayBack(unpicked, new ThreadPath(planned), number, true));
        }
        Optional<List<Move>> left = left(kept);
        // with nothing left to sew, a pass too many has nowhere to go on to
        if (left.isEmpty() || left.get().isEmpty()) {
            return Optional.empty();
        }
        Set<Hole> touched = new HashSet<>();
        kept.subList(from, number).forEach(move -> touched.add(move.end().hole()));
        Order order =
                EulerTrail.find(new Question(left.get(), kept.get(number - 1).end(), arrival(), touched, frame));
        return order.moves().map(found -> {
            List<Move> whole = new ArrayList<>(kept);
            whole.addAll(found);
            whole.addAll(planned.subList(last + 1, planned.size()));
            return new WayBack(unpicked, new ThreadPath(whole), number, false);
        });
    }

    /** Segments of this signature that are not sewn yet; nothing where something was sewn that should not be. */
    private Optional<List<Move>> left(List<Move> kept) {
        List<Move> left = new ArrayList<>();
        for (Move move : planned.subList(from, last + 1)) {
            if (move.segment()) {
                left.add(move);
            }
        }
        for (Move move : kept.subList(from, kept.size())) {
            if (move.segment() && !left.remove(move) && !left.remove(move.reversed())) {
                return Optional.empty();
            }
        }
        return Optional.of(left);
    }

    /** Where the last segment of this signature must end. */
    private Spot arrival() {
        return planned.get(last).end();
    }

    /** The run that a knot closes, or else the last segment before the last pass: what is tied after that belongs to the way on. */
    private int lastSegment(int to) {
        int move = to - 1;
        while (move > from && !planned.get(move).passes()) {
            if (planned.get(move) instanceof Run) {
                return move;
            }
            move--;
        }
        while (move > from && !planned.get(move).segment()) {
            move--;
        }
        return move;
    }

    /** The first move in this signature of the thread in hand. */
    private int start(int at) {
        int start = at;
        while (start > 0 && inHand(start - 1, at)) {
            start--;
        }
        return start;
    }

    private int end(int at) {
        int end = at + 1;
        while (end < planned.size() && inHand(end, at)) {
            end++;
        }
        return end;
    }

    private boolean inHand(int move, int at) {
        Move one = planned.get(move);
        int signature = planned.get(at).start().hole().signature();
        boolean same =
                one.start().hole().signature() == signature && one.end().hole().signature() == signature;
        return same && !one.hangs() && !(one.part() == Move.Part.KNOT && move < at);
    }
}
