package itomichi.path;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What is to be seen when the work is done, without saying in which order it is sewn.
 *
 * @param holes every hole that is to hold thread
 * @param stitches the stitches that show on each face; one that is to lie there twice stands here twice
 */
public record StitchPattern(Set<Hole> holes, List<Stitch> stitches) {

    public StitchPattern {
        holes = Set.copyOf(holes);
        stitches = List.copyOf(stitches);
    }

    /**
     * A stitch as it is seen: between two holes, whichever way it was sewn.
     *
     * @param face the face it shows on
     * @param first the hole that comes first in order
     * @param second the other
     */
    public record Stitch(Face face, Hole first, Hole second) {

        public Stitch {
            if (first.compareTo(second) > 0) {
                Hole swap = first;
                first = second;
                second = swap;
            }
        }

        static Stitch of(Run run) {
            return new Stitch(run.face(), run.from(), run.to());
        }
    }

    /** The stitches that a path leaves, in sewing order. */
    static List<Stitch> sewnBy(ThreadPath path) {
        List<Stitch> sewn = new ArrayList<>();
        for (Move move : path.moves()) {
            if (move instanceof Run run) {
                sewn.add(Stitch.of(run));
            }
        }
        return sewn;
    }
}
