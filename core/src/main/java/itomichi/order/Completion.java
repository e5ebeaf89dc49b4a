package itomichi.order;

import itomichi.path.Face;
import itomichi.path.Frame;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Point3;
import itomichi.path.Run;
import itomichi.path.Spot;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * The cheapest stitches that make a pattern one that a single thread can leave, both its ends at one hole.
 *
 * <p>What is needed is what {@link EulerTrail} needs: at every hole as many stitch ends on one face as on the other, or two more at the one
 * hole where the thread's ends lie, and all in one piece. Uneven holes are paired at least cost ({@link MinimumMatching}, a minimum weight perfect
 * matching); parts that are then still apart are joined by the shortest pairs of stitches. That is short but need not be shortest, so
 * a branch and bound over single stitches follows it, cut off after a number of steps; if it ends by itself, the answer is proven.
 *
 * <p>Cost: the cube of the number of uneven holes for the pairing, and up to {@value #MOST_STEPS} steps of the search, for all
 * the holes together where the ends may lie.
 */
public final class Completion {

    private static final int MOST_STEPS = 120_000;
    /** Where more holes are uneven, or the pattern has more, the search would not come to an end. */
    private static final int MOST_SEARCHED = 14;

    private final List<Hole> holes;
    private final double[][] apartMm;
    private final Face outer;
    private final Face inner;

    private Completion(List<Hole> holes, Frame frame, boolean side) {
        this.holes = holes;
        this.outer = side ? Face.FRONT : Face.OUTSIDE;
        this.inner = outer.opposite();
        this.apartMm = new double[holes.size()][holes.size()];
        for (int i = 0; i < holes.size(); i++) {
            for (int j = 0; j < holes.size(); j++) {
                Point3 a = frame.at(new Spot(holes.get(i), outer));
                Point3 b = frame.at(new Spot(holes.get(j), outer));
                apartMm[i][j] = Math.hypot(a.xMm() - b.xMm(), a.yMm() - b.yMm());
            }
        }
    }

    /** What came of it. */
    public sealed interface Result {

        /**
         * The answer for what came of it.
         *
         * @param whole asked where nothing need be added
         * @param add asked where runs are to be added
         * @param hopeless asked where none help
         */
        <T> T match(Function<Whole, T> whole, Function<Add, T> add, Function<Hopeless, T> hopeless);

        /**
         * Nothing need be added.
         *
         * @param hole where both ends lie; any hole where {@code surplus} is nought
         * @param surplus 2 where two more stitch ends lie outside there, -2 where inside; nought where the ends meet as stitches do
         */
        record Whole(Hole hole, int surplus) implements Result {
            @Override
            public <T> T match(Function<Whole, T> whole, Function<Add, T> add, Function<Hopeless, T> hopeless) {
                return whole.apply(this);
            }
        }

        /**
         * These runs are to be added.
         *
         * @param runs the runs
         * @param mm their length, together
         * @param proven whether nothing shorter will do
         */
        record Add(List<Run> runs, double mm, boolean proven) implements Result {
            public Add {
                runs = List.copyOf(runs);
            }

            @Override
            public <T> T match(Function<Whole, T> whole, Function<Add, T> add, Function<Hopeless, T> hopeless) {
                return add.apply(this);
            }
        }

        /** Two holes are too few to even out what lies at one of them. */
        record Hopeless() implements Result {
            @Override
            public <T> T match(Function<Whole, T> whole, Function<Add, T> add, Function<Hopeless, T> hopeless) {
                return hopeless.apply(this);
            }
        }
    }

    /**
     * The cheapest stitches to add.
     *
     * @param segments the stitches wanted, one at least
     * @param frame where the holes lie
     * @param side whether they go through the side of a block
     */
    public static Result cheapest(List<Move> segments, Frame frame, boolean side) {
        Set<Hole> found = new TreeSet<>();
        segments.forEach(segment -> {
            found.add(segment.start().hole());
            found.add(segment.end().hole());
        });
        return new Completion(List.copyOf(found), frame, side).complete(segments);
    }

    private Result complete(List<Move> segments) {
        int[] surplus = new int[holes.size()];
        UnionFind parts = new UnionFind(holes.size());
        for (Move segment : segments) {
            int from = holes.indexOf(segment.start().hole());
            int to = holes.indexOf(segment.end().hole());
            surplus[from] += segment.start().face() == outer ? 1 : -1;
            surplus[to] += segment.end().face() == outer ? 1 : -1;
            parts.join(from, to);
        }
        Best best = new Best();
        int tried = 0;
        for (int ends = -1; ends < holes.size(); ends++) {
            if (ends < 0 || (surplus[ends] != 0 && tried++ < mostEnds())) {
                int[] rest = surplus.clone();
                int shift = ends < 0 ? 0 : 2 * Integer.signum(surplus[ends]);
                if (ends >= 0) {
                    rest[ends] -= shift;
                }
                if (Arrays.stream(rest).allMatch(one -> one == 0) && parts.count() == 1) {
                    return new Result.Whole(holes.get(Math.max(0, ends)), shift);
                }
                best.take(shortOne(rest, parts));
                best.proven &= search(rest, parts, best);
            }
        }
        return best.runs.isEmpty() ? new Result.Hopeless() : new Result.Add(best.runs, best.mm, best.proven);
    }

    /** At how many of the uneven holes the ends are tried: at all of a small pattern's, at a few of a large one's. */
    private int mostEnds() {
        return holes.size() > MOST_SEARCHED ? 2 : MOST_SEARCHED;
    }

    /** The best that was found, and how far the search has gone for it. */
    private static final class Best {
        private List<Run> runs = List.of();
        private double mm = Double.POSITIVE_INFINITY;
        private boolean proven = true;
        private int steps;

        void take(List<Run> other, double otherMm) {
            if (otherMm < mm - 1e-9) {
                runs = List.copyOf(other);
                mm = otherMm;
            }
        }

        void take(Shortest found) {
            take(found.runs, found.mm);
        }
    }

    /** Runs and their length together. */
    private record Shortest(List<Run> runs, double mm) {}

    /** Uneven holes paired at least cost, parts joined by the shortest pairs of runs. */
    private Shortest shortOne(int[] surplus, UnionFind before) {
        List<Run> runs = new ArrayList<>();
        UnionFind parts = before.copy();
        double mm = 0;
        for (MinimumMatching.Chain chain : MinimumMatching.of(surplus, apartMm)) {
            if (chain.mm() == Double.POSITIVE_INFINITY) {
                return new Shortest(List.of(), Double.POSITIVE_INFINITY);
            }
            mm += chain.mm();
            for (int i = 1; i < chain.holes().size(); i++) {
                int from = chain.holes().get(i - 1);
                int to = chain.holes().get(i);
                // the first run evens out its hole, each next one lies on the other face
                boolean onInner = (surplus[chain.holes().get(0)] > 0) == (i % 2 == 1);
                runs.add(run(from, to, onInner ? inner : outer));
                parts.join(from, to);
            }
        }
        while (parts.count() > 1) {
            int[] gap = nearest(parts);
            runs.add(run(gap[0], gap[1], outer));
            runs.add(run(gap[0], gap[1], inner));
            mm += 2 * apartMm[gap[0]][gap[1]];
            parts.join(gap[0], gap[1]);
        }
        return new Shortest(runs, mm);
    }

    private int[] nearest(UnionFind parts) {
        int[] gap = {-1, -1};
        for (int i = 0; i < holes.size(); i++) {
            for (int j = 0; j < i; j++) {
                boolean nearer = gap[0] < 0 || apartMm[i][j] < apartMm[gap[0]][gap[1]];
                if (parts.of(i) != parts.of(j) && nearer) {
                    gap = new int[] {j, i};
                }
            }
        }
        return gap;
    }

    private Run run(int from, int to, Face face) {
        return new Run(holes.get(from), holes.get(to), face);
    }

    /** Branches and bounds from a pattern; says whether it came to an end. */
    private boolean search(int[] surplus, UnionFind parts, Best best) {
        int uneven = (int) Arrays.stream(surplus).filter(one -> one != 0).count();
        if (holes.size() > MOST_SEARCHED || uneven > MOST_SEARCHED) {
            return false;
        }
        new Search(best).go(surplus.clone(), parts, 0);
        return best.steps < MOST_STEPS;
    }

    private final class Search {
        private final Best best;
        private final List<Run> added = new ArrayList<>();

        Search(Best best) {
            this.best = best;
        }

        void go(int[] surplus, UnionFind parts, double mm) {
            if (++best.steps >= MOST_STEPS || mm + atLeast(surplus, parts) >= best.mm - 1e-9) {
                return;
            }
            int uneven = 0;
            while (uneven < surplus.length && surplus[uneven] == 0) {
                uneven++;
            }
            if (uneven < surplus.length) {
                for (int other = 0; other < surplus.length; other++) {
                    add(uneven, other, surplus[uneven] > 0, surplus, parts, mm);
                }
            } else if (parts.count() == 1) {
                best.take(added, mm);
            } else {
                for (int here = 0; here < surplus.length; here++) {
                    for (int there = 0; there < surplus.length; there++) {
                        if (parts.of(here) == parts.of(0) && parts.of(there) != parts.of(0)) {
                            add(here, there, true, surplus, parts, mm);
                            add(here, there, false, surplus, parts, mm);
                        }
                    }
                }
            }
        }

        private void add(int from, int to, boolean onInner, int[] surplus, UnionFind parts, double mm) {
            if (from == to) {
                return;
            }
            int[] after = surplus.clone();
            after[from] += onInner ? -1 : 1;
            after[to] += onInner ? -1 : 1;
            UnionFind joined = parts.copy();
            joined.join(from, to);
            added.add(run(from, to, onInner ? inner : outer));
            go(after, joined, mm + apartMm[from][to]);
            added.remove(added.size() - 1);
        }

        /** No completion is shorter: every uneven end takes half a run, and a part by itself is entered and left. */
        private double atLeast(int[] surplus, UnionFind parts) {
            double halves = 0;
            for (int hole = 0; hole < surplus.length; hole++) {
                if (surplus[hole] != 0) {
                    halves += Math.abs(surplus[hole]) * nearestTo(hole) / 2;
                }
            }
            if (parts.count() == 1) {
                return halves;
            }
            int[] gap = nearest(parts);
            return Math.max(halves, parts.count() * apartMm[gap[0]][gap[1]] / 2);
        }

        private double nearestTo(int hole) {
            double near = Double.POSITIVE_INFINITY;
            for (int other = 0; other < holes.size(); other++) {
                near = other == hole ? near : Math.min(near, apartMm[hole][other]);
            }
            return near;
        }
    }
}
