package itomichi.cover;

import itomichi.cover.Outline.Role;
import java.util.ArrayList;
import java.util.List;

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

    /** Folds that run so far from head and tail. */
    static List<Outline> headAndTail(double w, double h, double mm) {
        List<Outline> folds = new ArrayList<>();
        for (double y : new double[] {mm, h - mm}) {
            folds.add(Outline.line(Role.FOLD, "", 0, y, w, y));
        }
        return folds;
    }
}
