package itomichi.path;

import java.util.ArrayList;
import java.util.List;

/** Points of full turns round something thin, beginning and ending at one point. */
final class Turns {

    /** A polygon of so many corners is shorter than its circle by 0.07 %. */
    private static final int CORNERS = 48;

    private static final double[] SINE = new double[CORNERS];
    private static final double[] COSINE = new double[CORNERS];

    static {
        for (int corner = 0; corner < CORNERS; corner++) {
            SINE[corner] = Math.sin(2 * Math.PI * corner / CORNERS);
            COSINE[corner] = Math.cos(2 * Math.PI * corner / CORNERS);
        }
    }

    private Turns() {}

    /** So many turns of so long each, in the plane across the fold, touching the given point. */
    static List<Point3> at(Point3 touch, int turns, double turnMm) {
        double radiusMm = turnMm / (2 * Math.PI);
        List<Point3> points = new ArrayList<>(turns * CORNERS + 1);
        for (int corner = 0; corner <= turns * CORNERS; corner++) {
            points.add(new Point3(
                    touch.xMm(),
                    touch.yMm() + radiusMm * SINE[corner % CORNERS],
                    touch.zMm() + radiusMm * (1 - COSINE[corner % CORNERS])));
        }
        return points;
    }

    /** Down so far to a signature below, so many turns there, and back. */
    static List<Point3> below(double downMm, Point3 here, int turns, double turnMm) {
        Point3 below = new Point3(here.xMm(), here.yMm() - downMm, here.zMm());
        List<Point3> points = new ArrayList<>(turns * CORNERS + 3);
        points.add(here);
        points.addAll(at(below, turns, turnMm));
        points.add(here);
        return points;
    }
}
