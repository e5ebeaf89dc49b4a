package itomichi.space;

import itomichi.path.Point3;
import java.util.List;

/**
 * The thread of one step where it lies: the middle of it.
 *
 * @param step its number, from 1
 * @param points one after the other; those of a step begin where those of the step before end, unless a thread begins with it
 */
public record Laid(int step, List<Point3> points) {
    public Laid {
        points = List.copyOf(points);
    }
}
