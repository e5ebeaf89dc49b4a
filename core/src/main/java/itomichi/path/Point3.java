package itomichi.path;

/**
 * A point of the work in space, in mm.
 *
 * @param xMm along the fold or spine, from the head
 * @param yMm across it: rows of a spine, or the distance from the spine edge of a stab-bound block
 * @param zMm out of the work: 0 on the outside or front, negative towards the inside or back
 */
public record Point3(double xMm, double yMm, double zMm) {

    /** The point so much further out. */
    public Point3 raised(double mm) {
        return new Point3(xMm, yMm, zMm + mm);
    }

    /** The point so far along the fold, towards the tail. */
    Point3 along(double mm) {
        return new Point3(xMm + mm, yMm, zMm);
    }

    /** The point on the straight way to another, at that share of it. */
    public Point3 toward(Point3 other, double share) {
        return new Point3(
                xMm + (other.xMm - xMm) * share, yMm + (other.yMm - yMm) * share, zMm + (other.zMm - zMm) * share);
    }

    /** The straight distance to another point, mm. */
    public double distanceMm(Point3 other) {
        double dx = xMm - other.xMm;
        double dy = yMm - other.yMm;
        double dz = zMm - other.zMm;
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }
}
