package itomichi.cover;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Something in a drawing of a cover.
 *
 * @param role what it is
 * @param name what a binder calls it; empty where it needs no name
 * @param points its corners in order; two of them make a line
 * @param hidden whether something lies over it
 */
public record Outline(Role role, String name, List<FlatPoint> points, boolean hidden) {

    /** What is drawn. */
    public enum Role {
        BOARD,
        /** Cloth, leather, card or paper that covers. */
        COVERING,
        /** Paper or open cloth between block and cover. */
        LINING,
        PAPER,
        BLOCK,
        FOLD,
        CUT,
        THREAD
    }

    /** @throws IllegalArgumentException if it has less than two points */
    public Outline {
        points = List.copyOf(points);
        if (points.size() < 2) {
            throw new IllegalArgumentException("An outline has two points or more; read " + points.size());
        }
    }

    static Outline rectangle(Role role, String name, double x, double y, double width, double height) {
        return new Outline(
                role,
                name,
                List.of(
                        new FlatPoint(x, y),
                        new FlatPoint(x + width, y),
                        new FlatPoint(x + width, y + height),
                        new FlatPoint(x, y + height)),
                false);
    }

    static Outline line(Role role, String name, double x1, double y1, double x2, double y2) {
        return new Outline(role, name, List.of(new FlatPoint(x1, y1), new FlatPoint(x2, y2)), false);
    }

    /** A hole, drawn with eight corners. */
    static Outline hole(double x, double y, double diameterMm) {
        return new Outline(
                Role.CUT,
                "",
                IntStream.range(0, 8)
                        .mapToObj(i -> new FlatPoint(
                                x + diameterMm / 2 * Math.cos(Math.PI / 4 * i),
                                y + diameterMm / 2 * Math.sin(Math.PI / 4 * i)))
                        .toList(),
                false);
    }

    /** The same with these corners. */
    Outline cornered(List<FlatPoint> corners) {
        return new Outline(role, name, corners, hidden);
    }

    /** The same with something over it. */
    Outline underneath() {
        return new Outline(role, name, points, true);
    }

    /** The same seen from the other side, in a drawing that wide, mm. */
    Outline mirrored(double widthMm) {
        return new Outline(
                role,
                name,
                points.stream()
                        .map(point -> new FlatPoint(widthMm - point.xMm(), point.yMm()))
                        .toList(),
                hidden);
    }

    /** The same with head and tail changed, in a drawing that high, mm. */
    Outline upended(double heightMm) {
        return new Outline(
                role,
                name,
                points.stream()
                        .map(point -> new FlatPoint(point.xMm(), heightMm - point.yMm()))
                        .toList(),
                hidden);
    }

    /** The same elsewhere. */
    Outline at(double x, double y) {
        return new Outline(
                role, name, points.stream().map(point -> point.plus(x, y)).toList(), hidden);
    }
}
