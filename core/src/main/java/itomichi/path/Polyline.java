package itomichi.path;

import java.util.List;

/** Lengths of chains of points. */
public final class Polyline {

    private Polyline() {}

    /** Sum of the straight distances from each point to the next, mm. */
    public static double lengthMm(List<Point3> points) {
        double sum = 0;
        for (int i = 1; i < points.size(); i++) {
            sum += points.get(i - 1).distanceMm(points.get(i));
        }
        return sum;
    }
}
