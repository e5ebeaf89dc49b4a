package itomichi.space;

import itomichi.path.Point3;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Threads that share a hole lie beside each other in it, and so does what comes out of it: two side by side, three in a triangle, more in a
 * ring. Which one lies where is chosen so that they cross as little as they may; those that still do at the mouth of a hole through a block lie
 * over each other there, what is sewn later over what was sewn before.
 */
final class SideBySide {

    /** A ring is tried turned by so many parts of a circle. */
    private static final int TURNS = 24;
    /** How many points of its way a passage is looked at on, before its hole and after it. */
    private static final int REACH = 3;
    /** A stretch is looked at in so many places; most of them are near the hole, where it matters. */
    private static final double[] LOOKED_AT = {0.005, 0.015, 0.03, 0.07, 0.2, 0.5, 0.8};
    /** How far from each other what may come to lie in each other is before, in diameters: it goes aside, either of both. */
    private static final double REACHED = 2.5;
    /** What lies aside in a fold lies deeper by so much of it. */
    private static final double DEEPER = 0.4;
    /** A thread that would lie in another lies over it: higher by half its thickness, so often at most, for it is pulled in beside that. */
    private static final int OVER = 2;

    private static final double HIGHER = 0.5;
    /** To lie over another is worth it only where they would lie in each other by more than that, in diameters. */
    private static final double WORTH = 0.5;
    /** What is further from a hole does not matter to it. */
    private static final double CLOSE_MM = 8;

    /**
     * Where a thread lies in its hole.
     *
     * @param alongMm from the middle of the hole, along the spine
     * @param asideMm from its middle, across the spine
     * @param frontMm so far off the front of a block
     * @param backMm so far off its back
     */
    private record Aside(double alongMm, double asideMm, double frontMm, double backMm) {
        static final Aside NONE = new Aside(0, 0, 0, 0);

        Aside toward(Aside other, double share) {
            return new Aside(
                    alongMm + (other.alongMm - alongMm) * share,
                    asideMm + (other.asideMm - asideMm) * share,
                    frontMm + (other.frontMm - frontMm) * share,
                    backMm + (other.backMm - backMm) * share);
        }

        Aside over(double front, double back) {
            return new Aside(alongMm, asideMm, front, back);
        }
    }

    /** Which way is aside, for a hole that goes into a fold or through a block. */
    enum Through {
        FOLD,
        /** Into one fold and out of another that lies at its back. */
        FOLDS,
        BLOCK;

        /**
         * In a fold there is room aside for half a thread; what lies aside there lies a little deeper, off the paper.
         *
         * @param insideMm what lies deeper, lies in a fold; half the thickness of a block
         */
        private Point3 moved(Point3 point, Aside aside, double insideMm, double roomMm) {
            double alongMm = point.xMm() + aside.alongMm;
            if (this == BLOCK) {
                double offMm = point.yMm() < -insideMm ? -aside.frontMm : aside.backMm;
                return new Point3(alongMm, point.yMm() + offMm, point.zMm() + aside.asideMm);
            }
            boolean inside = point.zMm() < insideMm;
            if (!inside && this == FOLD) {
                return new Point3(alongMm, point.yMm() + aside.asideMm, point.zMm());
            }
            double asideMm = Math.max(-roomMm, Math.min(roomMm, aside.asideMm));
            double deeperMm = DEEPER * Math.abs(aside.asideMm);
            return new Point3(alongMm, point.yMm() + asideMm, point.zMm() + (inside ? -deeperMm : deeperMm));
        }
    }

    /**
     * A point of a passage lies in its place; what is between two goes from the one's to the other's.
     *
     * @param share how much of the way to the last, in points
     */
    private record Between(int first, int last, double share) {}

    private final List<List<Vertex>> strands;
    private final List<List<Between>> between;
    private final double thickMm;
    private final Through through;
    private final double insideMm;
    private final Aside[] lies;
    private final Map<List<Long>, List<Aside>> laid = new HashMap<>();
    /** Of each passage its strand, and where in it it begins and ends. */
    private final int[] strandOf;

    private final int[] begins;
    private final int[] ends;

    private SideBySide(List<List<Vertex>> strands, int passages, double thickMm, Through through, double insideMm) {
        this.strands = strands;
        this.between = strands.stream().map(SideBySide::between).toList();
        this.insideMm = insideMm;
        this.thickMm = thickMm;
        this.through = through;
        this.lies = new Aside[passages + 1];
        Arrays.fill(lies, Aside.NONE);
        this.strandOf = new int[passages + 1];
        this.begins = new int[passages + 1];
        this.ends = new int[passages + 1];
        for (int strand = 0; strand < strands.size(); strand++) {
            for (int i = 0; i < strands.get(strand).size(); i++) {
                int passage = strands.get(strand).get(i).passage();
                if (i == 0 || strands.get(strand).get(i - 1).passage() != passage) {
                    begins[passage] = i;
                }
                strandOf[passage] = strand;
                ends[passage] = i;
            }
        }
    }

    /**
     * The same strands, beside each other where they share a hole.
     *
     * @param strands each thread from its beginning to its end
     * @param holes where the hole of each passage opens, the first one's first
     * @param thickMm diameter of the thread
     * @param insideMm what lies deeper, lies in a fold; of a block half its thickness, negative
     */
    static List<List<Vertex>> of(
            List<List<Vertex>> strands, List<Point3> holes, double thickMm, Through through, double insideMm) {
        Crossings crossings = new Crossings(strands, holes, thickMm);
        List<List<Vertex>> crossed = crossings.strands();
        SideBySide beside = new SideBySide(crossed, crossings.holes().size(), thickMm, through, insideMm);
        beside.share(crossings.holes());
        return beside.moved();
    }

    private void share(List<Point3> holes) {
        Map<Point3, List<Integer>> sharing = new LinkedHashMap<>();
        for (int passage = 1; passage <= holes.size(); passage++) {
            sharing.computeIfAbsent(holes.get(passage - 1), none -> new ArrayList<>())
                    .add(passage);
        }
        sharing.values().stream().filter(passages -> passages.size() > 1).forEach(this::lay);
    }

    /** Tries the places of a hole, turned, and changes them about while that helps. */
    private void lay(List<Integer> passages) {
        List<Long> likeness = likeness(passages);
        List<Aside> known = laid.get(likeness);
        if (known != null) {
            set(passages, known);
        } else {
            laid.put(likeness, best(passages));
        }
    }

    private void set(List<Integer> passages, List<Aside> places) {
        for (int i = 0; i < passages.size(); i++) {
            lies[passages.get(i)] = places.get(i);
        }
    }

    /** What lies about a hole, so told that holes of which it is alike are laid alike: in hundredths of a mm from the first point. */
    private List<Long> likeness(List<Integer> passages) {
        List<Long> likeness = new ArrayList<>();
        for (int passage : passages) {
            List<Vertex> strand = strands.get(strandOf[passage]);
            Point3 hole = strand.get(begins[passage]).at();
            for (int i = from(passage); i <= to(passage); i++) {
                Point3 at = strand.get(i).at();
                likeness.add(hundredths(at.xMm() - hole.xMm()));
                likeness.add(hundredths(at.yMm() - hole.yMm()));
                likeness.add(hundredths(at.zMm() - hole.zMm()));
            }
            likeness.add(Long.MAX_VALUE);
        }
        return likeness;
    }

    private static long hundredths(double mm) {
        return Math.round(100 * Math.max(-CLOSE_MM, Math.min(CLOSE_MM, mm)));
    }

    private List<Aside> best(List<Integer> passages) {
        List<Near> near = near(passages);
        double least = Double.MAX_VALUE;
        List<Aside> best = List.of();
        for (int turn = 0; turn < TURNS && least > 0; turn++) {
            List<Aside> places = places(passages.size(), 2 * Math.PI * turn / TURNS);
            // of two, changing them about is to turn them by half
            double cost = tried(passages, places, near, passages.size() > 2 ? Double.MAX_VALUE : least);
            boolean better = cost > 0 && passages.size() > 2;
            while (better) {
                better = false;
                for (int i = 0; i < places.size(); i++) {
                    for (int j = i + 1; j < places.size(); j++) {
                        List<Aside> changed = new ArrayList<>(places);
                        changed.set(i, places.get(j));
                        changed.set(j, places.get(i));
                        double now = tried(passages, changed, near, cost);
                        if (now < cost - 1e-12) {
                            cost = now;
                            places = changed;
                            better = true;
                        }
                    }
                }
            }
            if (cost < least - 1e-12) {
                least = cost;
                best = places;
            }
        }
        set(passages, best);
        return through == Through.BLOCK && least > 0 ? overEachOther(passages) : best;
    }

    /** What would lie in what was sewn before lies over it, on the side where it does. */
    private List<Aside> overEachOther(List<Integer> passages) {
        for (int i = 1; i < passages.size(); i++) {
            // of those before too: one that comes back by the same hole takes a part of its way along
            List<Near> near = near(passages.subList(0, i + 1));
            Aside flat = lies[passages.get(i)];
            double worth = Math.pow(WORTH * thickMm, 4);
            double least = Double.MAX_VALUE;
            Aside best = flat;
            for (int layers = 0; layers <= 2 * OVER && least > worth * layers; layers++) {
                for (int front = Math.max(0, layers - OVER); front <= Math.min(OVER, layers); front++) {
                    lies[passages.get(i)] = flat.over(front * HIGHER * thickMm, (layers - front) * HIGHER * thickMm);
                    double cost = cost(near, least) + worth * layers;
                    if (cost < least) {
                        least = cost;
                        best = lies[passages.get(i)];
                    }
                }
            }
            lies[passages.get(i)] = best;
        }
        return passages.stream().map(passage -> lies[passage]).toList();
    }

    /** So many circles as thick as the thread that touch each other. */
    private List<Aside> places(int count, double turned) {
        int round = count > 5 ? count - 1 : count;
        double radius = thickMm / (2 * Math.sin(Math.PI / round));
        List<Aside> places = new ArrayList<>();
        for (int i = 0; i < round; i++) {
            double angle = turned + 2 * Math.PI * i / round;
            places.add(new Aside(radius * Math.cos(angle), radius * Math.sin(angle), 0, 0));
        }
        if (round < count) {
            places.add(Aside.NONE);
        }
        return places;
    }

    /** Lays passages there, and says how much thread then lies in other thread; no more is looked at once that is enough. */
    private double tried(List<Integer> passages, List<Aside> places, List<Near> near, double enough) {
        set(passages, places);
        return cost(near, enough);
    }

    /** How much thread lies in other thread as it is laid now. */
    private double cost(List<Near> near, double enough) {
        double cost = 0;
        for (Near pair : near) {
            if (cost > enough) {
                return cost;
            }
            Point3 a = moved(pair.strand, pair.at);
            Point3 b = moved(pair.strand, pair.at + 1);
            Point3 c = moved(pair.otherStrand, pair.otherAt);
            Point3 d = moved(pair.otherStrand, pair.otherAt + 1);
            for (double share : LOOKED_AT) {
                cost += in(a.toward(b, share), c, d) + in(b.toward(a, share), c, d);
            }
        }
        return cost;
    }

    /** Stretches on the way of different passages that may come to lie in each other; the further point of each is the next. */
    private record Near(int strand, int at, int otherStrand, int otherAt) {}

    private List<Near> near(List<Integer> passages) {
        List<Near> near = new ArrayList<>();
        for (int i = 0; i < passages.size(); i++) {
            for (int j = i + 1; j < passages.size(); j++) {
                int strand = strandOf[passages.get(i)];
                int other = strandOf[passages.get(j)];
                for (int at = from(passages.get(i)); at < to(passages.get(i)); at++) {
                    for (int otherAt = from(passages.get(j)); otherAt < to(passages.get(j)); otherAt++) {
                        boolean apart = strand != other || Math.abs(at - otherAt) > 1;
                        if (apart && mayMeet(strands.get(strand), at, strands.get(other), otherAt)) {
                            near.add(new Near(strand, at, other, otherAt));
                        }
                    }
                }
            }
        }
        return near;
    }

    private boolean mayMeet(List<Vertex> one, int at, List<Vertex> other, int otherAt) {
        return Crossings.near(
                one.get(at).at(),
                one.get(at + 1).at(),
                other.get(otherAt).at(),
                other.get(otherAt + 1).at(),
                REACHED * thickMm);
    }

    private double in(Point3 point, Point3 from, Point3 to) {
        double longMm = from.distanceMm(to);
        double dot = (point.xMm() - from.xMm()) * (to.xMm() - from.xMm())
                + (point.yMm() - from.yMm()) * (to.yMm() - from.yMm())
                + (point.zMm() - from.zMm()) * (to.zMm() - from.zMm());
        double share = longMm < 1e-9 ? 0 : Math.max(0, Math.min(1, dot / (longMm * longMm)));
        double in = Math.max(0, thickMm - from.toward(to, share).distanceMm(point));
        return in * in * in * in;
    }

    private int from(int passage) {
        return Math.max(0, begins[passage] - REACH);
    }

    private int to(int passage) {
        return Math.min(strands.get(strandOf[passage]).size() - 1, ends[passage] + REACH);
    }

    private List<List<Vertex>> moved() {
        List<List<Vertex>> all = new ArrayList<>();
        for (int strand = 0; strand < strands.size(); strand++) {
            List<Vertex> points = new ArrayList<>();
            for (int i = 0; i < strands.get(strand).size(); i++) {
                Vertex vertex = strands.get(strand).get(i);
                points.add(new Vertex(moved(strand, i), vertex.step(), vertex.passage()));
            }
            all.add(points);
        }
        return all;
    }

    private Point3 moved(int strand, int at) {
        Between between = this.between.get(strand).get(at);
        Aside aside = lies[between.first].toward(lies[between.last], between.share);
        Point3 point = strands.get(strand).get(at).at();
        return through.moved(point, aside, insideMm, thickMm / 2);
    }

    /** Between which passages each point of a strand lies. */
    private static List<Between> between(List<Vertex> strand) {
        List<Between> all = new ArrayList<>();
        for (int at = 0; at < strand.size(); at++) {
            int before = at;
            while (before >= 0 && strand.get(before).passage() == 0) {
                before--;
            }
            int after = at;
            while (after < strand.size() && strand.get(after).passage() == 0) {
                after++;
            }
            int last = after < strand.size() ? strand.get(after).passage() : 0;
            int first = before < 0 ? last : strand.get(before).passage();
            double share = before < 0 || after == before ? 0 : (double) (at - before) / (after - before);
            all.add(new Between(first, after == strand.size() ? first : last, share));
        }
        return all;
    }
}
