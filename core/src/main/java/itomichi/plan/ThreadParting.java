package itomichi.plan;

import itomichi.measure.Length;
import itomichi.path.Frame;
import itomichi.path.Hole;
import itomichi.path.Knot;
import itomichi.path.Move;
import itomichi.path.Spot;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.spec.BookSpec;
import itomichi.spec.StitchWish;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Parts a thread that is too long to work with: where, so that the fewest lengths are cut and they come out even. */
public final class ThreadParting {

    private ThreadParting() {}

    /** Parts the way as wanted; one that does not go on from signature to signature stays as it is. */
    static Joins of(BookSpec spec, ThreadOrder.Found order, Frame frame) {
        StitchWish.Threads wanted = spec.stitch().threads();
        if (!order.stitching().goesOn() || wanted == StitchWish.Threads.ONE) {
            return new Joins(order.path(), List.of());
        }
        List<Move> moves = order.path().moves();
        List<Integer> leaves = leaves(moves);
        double slack = spec.slack().factor();
        double[] each = Arrays.stream(lengths(moves, leaves, frame))
                .map(mm -> mm * slack)
                .toArray();
        double workableMm = workable(spec).mm() - ThreadNeed.besidesMm(spec.thread());
        int[] lastOf = wanted == StitchWish.Threads.EACH ? everyOne(each.length) : evenly(each, workableMm);
        return joined(order.path(), leaves, lastOf, spec.thread().turns());
    }

    /** The longest thread that is handled well, from end to end as it is cut, each strand of it. */
    public static Length workable(BookSpec spec) {
        return spec.leaf().height().times(spec.stitch().workHeights());
    }

    /** What each part between two climbs takes without slack, mm. */
    private static double[] lengths(List<Move> moves, List<Integer> leaves, Frame frame) {
        double[] each = new double[leaves.size() + 1];
        int part = 0;
        for (int i = 0; i < moves.size(); i++) {
            if (part < leaves.size() && i == leaves.get(part)) {
                part++;
            }
            each[part] += moves.get(i).hangs() ? 0 : moves.get(i).lengthMm(frame);
        }
        return each;
    }

    /** Numbers of the moves that leave a signature for the next. */
    private static List<Integer> leaves(List<Move> moves) {
        List<Integer> leaves = new ArrayList<>();
        for (int i = 0; i < moves.size(); i++) {
            Move move = moves.get(i);
            Hole from = move.start().hole();
            Hole to = move.end().hole();
            // across a support the thread goes to the other signature of a pair and stays in hand
            if (from.signature() != to.signature() && from.station() == to.station()) {
                leaves.add(i);
            }
        }
        return leaves;
    }

    private static int[] everyOne(int parts) {
        int[] lastOf = new int[parts];
        Arrays.setAll(lastOf, i -> i);
        return lastOf;
    }

    /**
     * The fewest threads none of which is longer than asked (where a single signature does not take more), and of those partings the
     * one whose longest thread is shortest: by trying one number after the other, halving between the bounds of the longest.
     *
     * @param each what each part takes, mm
     * @param mostMm the longest a thread may be, mm
     * @return for each thread, the number of its last part
     */
    public static int[] evenly(double[] each, double mostMm) {
        double longest = Arrays.stream(each).max().orElse(0);
        double bound = Math.max(mostMm, longest);
        int threads = fill(each, bound).length;
        double low = longest;
        double high = bound;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (fill(each, middle).length <= threads) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return fill(each, high);
    }

    private static int[] fill(double[] each, double mostMm) {
        List<Integer> lastOf = new ArrayList<>();
        double inHand = 0;
        for (int i = 0; i < each.length; i++) {
            if (i > 0 && inHand + each[i] > mostMm + 1e-9) {
                lastOf.add(i - 1);
                inHand = 0;
            }
            inHand += each[i];
        }
        lastOf.add(each.length - 1);
        return lastOf.stream().mapToInt(Integer::intValue).toArray();
    }

    private static Joins joined(ThreadPath path, List<Integer> leaves, int[] lastOf, int turns) {
        List<Move> moves = new ArrayList<>();
        List<Hole> at = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < lastOf.length - 1; i++) {
            int leave = leaves.get(lastOf[i]);
            moves.addAll(path.moves().subList(from, leave));
            Spot here = path.moves().get(leave - 1).end();
            moves.add(new Tail(here.hole(), here.face(), Tail.Side.FREE));
            moves.add(new Tail(here.hole(), here.face(), Tail.Side.FREE));
            moves.add(new Knot(here.hole(), here.face(), turns));
            at.add(here.hole());
            from = leave;
        }
        moves.addAll(path.moves().subList(from, path.moves().size()));
        return new Joins(new ThreadPath(moves), at);
    }
}
