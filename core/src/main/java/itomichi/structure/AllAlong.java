package itomichi.structure;

import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;

/**
 * One thread that goes through the signatures one after the other, from head to tail and back, and is tied at every end it comes to.
 *
 * <p>The first signature ends loose; the second is knotted to the tail left at the start; every later one gets a kettle, the last one
 * two. Where the first signature holds to something else, kettles begin with the second.
 */
final class AllAlong {

    /** The most stations of a structure that is sewn all along. */
    static final int MOST_STATIONS = 400;

    private final Stitching.Choice choice;
    private final int firstKettle;
    private final PathBuilder path = new PathBuilder();

    /** @param firstKettle the first signature that is tied by a kettle; 3, or 2 where no tail waits to be knotted */
    AllAlong(Stitching.Choice choice, int firstKettle) {
        this.choice = choice;
        this.firstKettle = firstKettle;
    }

    PathBuilder path() {
        return path;
    }

    int signatures() {
        return choice.signatures();
    }

    int stations() {
        return choice.stations();
    }

    /** Leaves the tail on that face of the first hole. */
    AllAlong begin(Face face) {
        path.from(hole(1, 1), face, Tail.Side.FREE);
        return this;
    }

    /** The hole that comes so many-th in a signature, as the thread goes. */
    Hole hole(int signature, int number) {
        return new Hole(signature, signature % 2 == 1 ? number : choice.stations() + 1 - number);
    }

    /** Ties the end of a signature. */
    void tie(int signature) {
        if (signature == firstKettle - 1 && signature > 1) {
            path.tie(choice.turns());
        }
        if (signature >= firstKettle) {
            path.kettle();
            if (signature == choice.signatures()) {
                path.kettle();
            }
        }
    }

    ThreadPath end() {
        return path.end();
    }

    /** The station at which a signature ends. */
    static int end(Stitching.Choice choice, int signature) {
        return signature % 2 == 1 ? choice.stations() : 1;
    }

    /** Climbs, knot and kettles. */
    static void showEnds(StitchPattern.Builder pattern, Stitching.Choice choice, int firstKettle) {
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            int end = end(choice, signature);
            boolean last = signature == choice.signatures();
            if (!last) {
                pattern.climb(signature, end);
            }
            if (signature >= firstKettle) {
                pattern.hold(Tie.KETTLE, signature, end);
                if (last) {
                    pattern.hold(Tie.KETTLE, signature, end);
                }
            } else if (signature == 2) {
                pattern.hold(Tie.KNOT, signature, end);
            }
        }
    }
}
