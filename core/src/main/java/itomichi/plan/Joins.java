package itomichi.plan;

import itomichi.path.Hole;
import itomichi.path.ThreadPath;
import java.util.List;

/**
 * A thread parted at the ends of signatures, the next one tied to it there.
 *
 * @param path the way with its joins
 * @param at the holes where threads are joined
 */
public record Joins(ThreadPath path, List<Hole> at) {

    public Joins {
        at = List.copyOf(at);
    }
}
