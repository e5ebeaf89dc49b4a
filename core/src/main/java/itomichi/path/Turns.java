package itomichi.path;

import java.util.ArrayList;
import java.util.List;

/** Points of full turns round something thin, beginning and ending at one point. */
final class Turns {

    /** A polygon of so many corners is shorter than its circle by 0.03 %. */
    private static final int CORNERS = 72;

    private Turns() {}

    /** So many turns of so long each, in the plane across the fold, touching the given point. */
    static List<Point3> at(Point3 touch, int turns, double turnMm) {
        double radiusMm = turnMm / (2 * Math.PI);
        List<Point3> points = new ArrayList<>();
        for (int corner = 0; corner <= turns * CORNERS; corner++) {
            double angle = 2 * Math.PI * corner / CORNERS;
            points.add(new Point3(
                    touch.xMm(),
                    touch.yMm() + radiusMm * Math.sin(angle),
                    touch.zMm() + radiusMm * (1 - Math.cos(angle))));
        }
        return points;
    }

    /** Down to the signature below, so many turns there, and back. */
    static List<Point3> below(Frame frame, Hole hole, Point3 here, int turns, double turnMm) {
        Point3 below = new Point3(here.xMm(), here.yMm() - frame.pitchMm(hole), here.zMm());
        List<Point3> points = new ArrayList<>();
        points.add(here);
        points.addAll(at(below, turns, turnMm));
        points.add(here);
        return points;
    }
}
