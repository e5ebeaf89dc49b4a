package itomichi.cover;

/**
 * A point of a flat drawing.
 *
 * @param xMm from its left edge, mm
 * @param yMm from its top, which is the head where pieces are drawn, mm
 */
public record FlatPoint(double xMm, double yMm) {

    FlatPoint plus(double x, double y) {
        return new FlatPoint(xMm + x, yMm + y);
    }
}
