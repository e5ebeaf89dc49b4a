package itomichi.cover;

import itomichi.cover.Outline.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Shapes that pieces have when they lie flat. */
final class Flat {

    private Flat() {}

    /**
     * A rectangle with its four corners cut across.
     *
     * @param legMm of the triangle that is cut off, mm
     */
    static List<FlatPoint> mitred(double w, double h, double legMm) {
        return List.of(
                new FlatPoint(legMm, 0),
                new FlatPoint(w - legMm, 0),
                new FlatPoint(w, legMm),
                new FlatPoint(w, h - legMm),
                new FlatPoint(w - legMm, h),
                new FlatPoint(legMm, h),
                new FlatPoint(0, h - legMm),
                new FlatPoint(0, legMm));
    }

    /** Legs of the triangle that is cut off a corner with turn-ins so wide, so that the cut lies so far from the corner they go round, mm. */
    static double mitreMm(double turnInMm, double offMm) {
        return Math.max(0, 2 * turnInMm - offMm * Math.sqrt(2));
    }

    /** Folds that run so far from every edge. */
    static List<Outline> turnIns(double w, double h, double mm) {
        List<Outline> folds = new ArrayList<>(headAndTail(w, h, mm));
        for (double x : new double[] {mm, w - mm}) {
            folds.add(Outline.line(Role.FOLD, "", x, 0, x, h));
        }
        return folds;
    }

    /** What is turned in at head, tail and both ends, as it lies inside. */
    static List<Outline> bands(double w, double h, double mm) {
        return List.of(
                Outline.rectangle(Role.COVERING, "", 0, 0, w, mm),
                Outline.rectangle(Role.COVERING, "", 0, h - mm, w, mm),
                Outline.rectangle(Role.COVERING, "", w - mm, 0, mm, h),
                Outline.rectangle(Role.COVERING, "", 0, 0, mm, h));
    }

    /** Folds that run so far from head and tail. */
    static List<Outline> headAndTail(double w, double h, double mm) {
        List<Outline> folds = new ArrayList<>();
        for (double y : new double[] {mm, h - mm}) {
            folds.add(Outline.line(Role.FOLD, "", 0, y, w, y));
        }
        return folds;
    }

    /** An arc is drawn in so many straight pieces; of a radius of 6 mm none lies more than a fiftieth of a mm off it. */
    private static final int PIECES = 12;

    /**
     * A shape with some of its right-angled corners cut round.
     *
     * @param points its corners in order
     * @param which corners are cut round; one that is not right-angled stays as it is
     * @param radiusMm of the arcs, mm; less where an edge has no room for it
     */
    static List<FlatPoint> rounded(List<FlatPoint> points, Predicate<FlatPoint> which, double radiusMm) {
        int n = points.size();
        if (n < 3) {
            return points;
        }
        List<FlatPoint> round = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            FlatPoint corner = points.get(i);
            FlatPoint in = towards(corner, points.get((i + n - 1) % n));
            FlatPoint out = towards(corner, points.get((i + 1) % n));
            if (!which.test(corner) || Math.abs(in.xMm() * out.xMm() + in.yMm() * out.yMm()) > 1e-6) {
                round.add(corner);
                continue;
            }
            double r = Math.min(
                    radiusMm,
                    Math.min(apart(corner, points.get((i + n - 1) % n)), apart(corner, points.get((i + 1) % n))) / 2);
            FlatPoint middle = corner.plus((in.xMm() + out.xMm()) * r, (in.yMm() + out.yMm()) * r);
            for (int k = 0; k <= PIECES; k++) {
                double angle = Math.PI / 2 * k / PIECES;
                double a = r * Math.sin(angle);
                double b = r * Math.cos(angle);
                round.add(middle.plus(-in.xMm() * a - out.xMm() * b, -in.yMm() * a - out.yMm() * b));
            }
        }
        return round;
    }

    private static double apart(FlatPoint one, FlatPoint other) {
        return Math.hypot(other.xMm() - one.xMm(), other.yMm() - one.yMm());
    }

    /** The way from one point to another, one mm long. */
    private static FlatPoint towards(FlatPoint from, FlatPoint to) {
        double far = Math.max(1e-9, apart(from, to));
        return new FlatPoint((to.xMm() - from.xMm()) / far, (to.yMm() - from.yMm()) / far);
    }
}
