package itomichi.imposition;

/**
 * A rectangle, in mm from the upper left corner of what it lies on, y running down.
 *
 * @param x its left edge
 * @param y its upper edge
 * @param width of it
 * @param height of it
 */
public record Box(double x, double y, double width, double height) {

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    Box moved(double across, double down) {
        return new Box(x + across, y + down, width, height);
    }

    /** Part of it that lies in another; of two apart a rectangle of nothing. */
    Box within(Box other) {
        double left = Math.max(x, other.x);
        double top = Math.max(y, other.y);
        return new Box(
                left,
                top,
                Math.max(0, Math.min(right(), other.right()) - left),
                Math.max(0, Math.min(bottom(), other.bottom()) - top));
    }

    /** How far this reaches out of another, on the side where it does most; not more than nothing where it does nowhere. */
    double beyond(Box other) {
        return Math.max(
                Math.max(other.x - x, other.y - y), Math.max(right() - other.right(), bottom() - other.bottom()));
    }
}
