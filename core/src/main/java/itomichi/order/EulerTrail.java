package itomichi.order;

import itomichi.path.Frame;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Pass;
import itomichi.path.Point3;
import itomichi.path.Spot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Finds a sewing order: an Euler trail in which stitches and passes alternate.
 *
 * <p>A thread that lies along one face of a hole next goes through it and leaves on the other face. Where at every hole as many stitch
 * ends lie on one face as on the other (the thread's own two ends counted), and all hangs together, such a trail exists (Kotzig 1968,
 * from memory). It is then built stitch by stitch, as in Fleury's way: of the stitches that leave the rest in one piece the one a hand
 * would sew next is taken, so that nothing is ever taken back. A hand first finishes what is tied at its hole, then goes on to holes that
 * are still empty, the nearest first and the head before the tail, then wraps, and comes back last.
 *
 * <p>Cost: for each stitch a search for another way back to its hole, which seldom looks far, and none where only one way is open; at worst
 * the square of their number, in the memory they take.
 */
public final class EulerTrail {

    private static final int TIED_HERE = 0;
    private static final int TO_EMPTY = 1;
    private static final int WRAP = 2;
    private static final int BACK = 3;

    private final StitchGraph web;
    private final Frame frame;
    private final boolean[] used;
    private final boolean[] touched;
    private final Spot[] spots;
    private final double[] lengthsMm;

    private EulerTrail(Question question) {
        this.web = new StitchGraph(question.segments(), question.ready(), question.arrival());
        this.frame = question.frame();
        this.lengthsMm = question.segments().stream()
                .mapToDouble(segment -> segment.lengthMm(frame))
                .toArray();
        this.used = new boolean[question.segments().size()];
        this.touched = new boolean[web.holes.size()];
        for (int hole = 0; hole < touched.length; hole++) {
            touched[hole] = question.touched().contains(web.holes.get(hole));
        }
        this.spots = new Spot[2 * web.holes.size()];
        for (Move segment : question.segments()) {
            spots[web.spot(segment.start())] = segment.start();
            spots[web.spot(segment.end())] = segment.end();
        }
        put(question.ready());
        put(question.arrival());
        for (int spot = 0; spot < spots.length; spot++) {
            if (spots[spot] == null) {
                Spot other = spots[spot ^ 1];
                spots[spot] = new Spot(other.hole(), other.face().opposite());
            }
        }
    }

    private void put(Spot spot) {
        spots[web.spot(spot)] = spot;
    }

    /** The order that a hand would choose, or why there is none. */
    public static Order find(Question question) {
        EulerTrail orders = new EulerTrail(question);
        int ready = orders.web.spot(question.ready());
        int arrival = orders.web.spot(question.arrival());
        List<Hole> uneven = orders.uneven(ready, arrival);
        if (!uneven.isEmpty()) {
            return new Order.Uneven(uneven);
        }
        List<Hole> parts = orders.parts(ready / 2);
        return parts.size() > 1 ? new Order.Separate(parts) : new Order.Found(orders.sew(ready));
    }

    private List<Hole> uneven(int ready, int arrival) {
        int[] ends = web.ends();
        ends[ready ^ 1]++;
        ends[arrival ^ 1]++;
        List<Hole> uneven = new ArrayList<>();
        for (int hole = 0; hole < web.holes.size(); hole++) {
            if (ends[2 * hole] != ends[2 * hole + 1]) {
                uneven.add(web.holes.get(hole));
            }
        }
        return uneven;
    }

    /** A hole of each part, the part that the thread is at first; holes without stitches are not counted. */
    private List<Hole> parts(int here) {
        int[] part = web.parts(used);
        List<Hole> parts = new ArrayList<>();
        for (int hole = 0; hole < part.length; hole++) {
            boolean stitched = web.at[2 * hole].length + web.at[2 * hole + 1].length > 0;
            if (part[hole] == hole && (stitched || hole == here)) {
                parts.add(web.holes.get(hole));
            }
        }
        return parts;
    }

    private List<Move> sew(int ready) {
        List<Move> moves = new ArrayList<>();
        int here = ready;
        int left = used.length;
        while (left > 0) {
            touched[here / 2] = true;
            int segment = next(here);
            used[segment] = true;
            left--;
            int there = web.across(segment, here);
            Move move = web.segments.get(segment);
            moves.add(web.from[segment] == here ? move : move.reversed());
            here = there;
            if (left > 0) {
                here = there ^ 1;
                moves.add(new Pass(web.holes.get(there / 2), spots[here].face()));
            }
        }
        return moves;
    }

    /** The segment that is sewn next: the one liked best of those that leave the rest in one piece. */
    private int next(int here) {
        List<Integer> open = new ArrayList<>();
        for (int segment : web.at[here]) {
            if (!used[segment]) {
                open.add(segment);
            }
        }
        open.sort((one, other) -> compare(one, other, here));
        for (int segment : open) {
            if (open.size() == 1 || leavesOnePiece(segment, here)) {
                return segment;
            }
        }
        throw new IllegalStateException(
                "No stitch goes on from " + spots[here] + " though the pattern is even and whole");
    }

    /**
     * Whether what is left stays in one piece without a segment, seen from its other end: either nothing more is to be sewn at this hole, or
     * there is another way back to it. The search ends as soon as it has found one, which is soon where stitches lie close.
     */
    private boolean leavesOnePiece(int segment, int here) {
        int there = web.across(segment, here);
        if (there / 2 == here / 2) {
            return true;
        }
        used[segment] = true;
        boolean whole = web.bare(here / 2, used) || web.leads(there / 2, here / 2, used);
        used[segment] = false;
        return whole;
    }

    private int compare(int one, int other, int here) {
        int byRank = Integer.compare(rank(one, here), rank(other, here));
        if (byRank != 0) {
            return byRank;
        }
        double lengths = lengthsMm[one] - lengthsMm[other];
        // the thread itself is thinner than what an eye tells apart
        if (Math.abs(lengths) > 0.01) {
            return lengths < 0 ? -1 : 1;
        }
        return Double.compare(towardsTail(one, here), towardsTail(other, here));
    }

    private int rank(int segment, int here) {
        int there = web.across(segment, here);
        // from one face of a hole to its other face: round an edge
        if (there == (here ^ 1)) {
            return WRAP;
        }
        if (there / 2 == here / 2) {
            return TIED_HERE;
        }
        return touched[there / 2] ? BACK : TO_EMPTY;
    }

    private double towardsTail(int segment, int here) {
        Point3 there = frame.at(spots[web.across(segment, here)]);
        return there.xMm();
    }

    /**
     * How many orders there are, told apart by what is sewn when and which way.
     *
     * @throws IllegalArgumentException if more than 24 segments are to be sewn: their subsets are gone through
     */
    public static long count(Question question) {
        if (question.segments().size() > 24) {
            throw new IllegalArgumentException("EulerTrail of up to 24 stitches are counted; read "
                    + question.segments().size());
        }
        EulerTrail orders = new EulerTrail(question);
        return orders.count(orders.web.spot(question.ready()), orders.web.spot(question.arrival()), 0, new HashMap<>());
    }

    private long count(int here, int arrival, int sewn, Map<Long, Long> known) {
        Long before = known.get((long) sewn << 16 | here);
        if (before != null) {
            return before;
        }
        long count = 0;
        for (int segment : web.at[here]) {
            int after = sewn | 1 << segment;
            if (after != sewn) {
                int there = web.across(segment, here);
                boolean last = Integer.bitCount(after) == used.length;
                count += last ? (there == arrival ? 1 : 0) : count(there ^ 1, arrival, after, known);
            }
        }
        known.put((long) sewn << 16 | here, count);
        return count;
    }
}
