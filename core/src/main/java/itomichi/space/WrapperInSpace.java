package itomichi.space;

import itomichi.path.Point3;
import itomichi.space.Around.Side;
import itomichi.space.Profile.Part;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;

/** A loose wrapper of paper in space: tight round the closed book, with its flaps between the block and the covers. */
final class WrapperInSpace {

    /** A stout paper: common practice. */
    static final double PAPER_MM = 0.15;

    /** A flap is told by where it ends and where it is folded. */
    private static final int FLAP_POINTS = 2;

    private final Around around;
    private final List<Profile> bound;
    private final List<Point3> thread;

    /**
     * @param bound the block in its cover
     * @param thread where it lies
     */
    WrapperInSpace(Around around, List<Profile> bound, List<Laid> thread) {
        this.around = around;
        this.bound = bound.stream()
                // they are laced in or cut short before anything is slipped over them
                .filter(profile -> profile.part() != Part.TAPE && profile.part() != Part.CORD)
                .toList();
        this.thread = thread.stream().flatMap(laid -> laid.points().stream()).toList();
    }

    /**
     * The wrapper.
     *
     * @param threadMm how thick the thread is
     * @param flapMm how wide its flaps are
     * @param firstLeafMm how far off the block they lie
     */
    Profile profile(double threadMm, double flapMm, double firstLeafMm) {
        List<Point3> points = middled(bent(tight(hull(section(threadMm)))));
        // it passes the middle of the book only once, over the spine
        int turn = FLAP_POINTS
                + points.indexOf(points.stream()
                        .min(Comparator.comparingDouble(point -> Math.abs(point.yMm() - middle())))
                        .orElseThrow());
        DoubleSummaryStatistics high = bound.stream()
                .flatMapToDouble(profile -> DoubleStream.of(profile.fromMm(), profile.toMm()))
                .summaryStatistics();
        List<Point3> all = new ArrayList<>(flap(Side.FRONT, points.get(0).zMm(), flapMm, firstLeafMm));
        all.addAll(points);
        List<Point3> back = flap(Side.BACK, points.get(points.size() - 1).zMm(), flapMm, firstLeafMm);
        Collections.reverse(back);
        all.addAll(back);
        return new Profile(Part.WRAPPER, 0, 0, high.getMin(), high.getMax(), PAPER_MM, all, turn);
    }

    /** From where a flap ends to the fold that it hangs on. */
    private List<Point3> flap(Side side, double foldMm, double flapMm, double firstLeafMm) {
        double offMm = firstLeafMm + PAPER_MM / 2;
        List<Point3> points = new ArrayList<>();
        // one that is wider than the book ends at the spine; a fault says so
        points.add(around.beside(side, Math.min(0, foldMm + flapMm), offMm));
        points.add(around.beside(side, foldMm, offMm));
        return points;
    }

    private double middle() {
        return (around.sheets().spineFrom() + around.sheets().spineTo()) / 2;
    }

    /** The book cut through: either face of all that is flat, and the thread round its middle. */
    private List<Point3> section(double threadMm) {
        List<Point3> all = new ArrayList<>();
        for (Profile profile : bound) {
            List<Point3> middle = profile.across();
            for (int i = 0; i < middle.size(); i++) {
                Point3 from = middle.get(Math.max(0, i - 1));
                Point3 to = middle.get(Math.min(middle.size() - 1, i + 1));
                double far = Math.max(1e-9, Math.hypot(to.yMm() - from.yMm(), to.zMm() - from.zMm()));
                double y = -(to.zMm() - from.zMm()) / far * profile.thickMm() / 2;
                double z = (to.yMm() - from.yMm()) / far * profile.thickMm() / 2;
                all.add(flat(middle.get(i).yMm() + y, middle.get(i).zMm() + z));
                all.add(flat(middle.get(i).yMm() - y, middle.get(i).zMm() - z));
            }
        }
        double half = threadMm / 2;
        for (Point3 point : thread) {
            for (double[] off : new double[][] {{-half, 0}, {half, 0}, {0, half}}) {
                all.add(flat(point.yMm() + off[0], point.zMm() + off[1]));
            }
        }
        return all;
    }

    private static Point3 flat(double yMm, double zMm) {
        return new Point3(0, yMm, zMm);
    }

    /** What paper that is drawn tight lies on: the convex hull, from the fore edge of the front by the spine to that of the back. */
    private static List<Point3> hull(List<Point3> points) {
        List<Point3> sorted = new ArrayList<>(points);
        sorted.sort(Comparator.comparingDouble(Point3::yMm).thenComparingDouble(Point3::zMm));
        List<Point3> ring = chain(sorted);
        Collections.reverse(sorted);
        ring.addAll(chain(sorted));
        Collections.rotate(ring, -ring.indexOf(corner(ring, 1)));
        return ring.subList(0, ring.indexOf(corner(ring, -1)) + 1);
    }

    /** The corner at the fore edge of the front, or of the back. */
    private static Point3 corner(List<Point3> ring, int sign) {
        return ring.stream()
                .min(Comparator.comparingDouble(point -> point.zMm() + sign * point.yMm()))
                .orElseThrow();
    }

    /** Half of the hull by a monotone chain, without its last point: of points in order, those that it turns the same way at. */
    private static List<Point3> chain(List<Point3> sorted) {
        List<Point3> chain = new ArrayList<>();
        for (Point3 point : sorted) {
            while (chain.size() > 1 && turn(chain.get(chain.size() - 2), chain.get(chain.size() - 1), point) >= 0) {
                chain.remove(chain.size() - 1);
            }
            chain.add(point);
        }
        chain.remove(chain.size() - 1);
        return chain;
    }

    /** More than 0 where the way by three points turns to the left, seen with the spine above. */
    private static double turn(Point3 a, Point3 b, Point3 c) {
        return (b.yMm() - a.yMm()) * (c.zMm() - b.zMm()) - (b.zMm() - a.zMm()) * (c.yMm() - b.yMm());
    }

    /** The middle of paper on a hull: half as far off each edge as it is thick. */
    private static List<Point3> tight(List<Point3> hull) {
        int n = hull.size();
        List<Point3> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point3 at = hull.get(i);
            Point3 in = outward(hull.get((i + n - 1) % n), at);
            Point3 out = outward(at, hull.get((i + 1) % n));
            double far = PAPER_MM / 2 / (1 + in.yMm() * out.yMm() + in.zMm() * out.zMm());
            all.add(flat(at.yMm() + far * (in.yMm() + out.yMm()), at.zMm() + far * (in.zMm() + out.zMm())));
        }
        return all;
    }

    /** At right angles to an edge, one mm out of the book. */
    private static Point3 outward(Point3 from, Point3 to) {
        double far = Math.max(1e-9, Math.hypot(to.yMm() - from.yMm(), to.zMm() - from.zMm()));
        return flat(-(to.zMm() - from.zMm()) / far, (to.yMm() - from.yMm()) / far);
    }

    /** Told also where it bends when the book is opened: beside boards, or on the way out of the spine. */
    private List<Point3> bent(List<Point3> points) {
        double[] bends = bound.stream()
                .filter(profile -> profile.part() == Part.BOARD_IN_CLOTH || profile.part() == Part.BOARD_IN_PAPER)
                .mapToDouble(board ->
                        board.across().stream().mapToDouble(Point3::zMm).max().orElseThrow())
                .distinct()
                .toArray();
        double[] at = bends.length > 0 ? bends : new double[] {-Around.BEND_ENDS_MM, -Around.BEND_BEGINS_MM};
        List<Point3> all = points;
        for (double zMm : at) {
            all = crossing(all, Point3::zMm, zMm);
        }
        return all;
    }

    private List<Point3> middled(List<Point3> points) {
        return crossing(points, Point3::yMm, middle());
    }

    /** With a point wherever it passes from less to more, or back. */
    private static List<Point3> crossing(List<Point3> points, ToDoubleFunction<Point3> of, double there) {
        List<Point3> all = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            Point3 to = points.get(i);
            if (i > 0) {
                Point3 from = points.get(i - 1);
                double share = (there - of.applyAsDouble(from)) / (of.applyAsDouble(to) - of.applyAsDouble(from));
                if (share > 1e-9 && share < 1 - 1e-9) {
                    all.add(from.toward(to, share));
                }
            }
            all.add(to);
        }
        return all;
    }
}
