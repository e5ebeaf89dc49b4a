package itomichi.plan;

import itomichi.gathering.Gathered;
import itomichi.path.Face;
import itomichi.path.ThreadPath;
import itomichi.spec.BookSpec;
import itomichi.station.SideHole;
import itomichi.structure.Stitching;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The thread's way through the holes, before anything is known of its lengths; or why there is none. */
public sealed interface ThreadOrder {

    /** Holes of one book, all its signatures together; a way through more could not be looked over. */
    int MOST_HOLES = 3_000;

    /** The order, where there is one. */
    default Optional<Found> found() {
        return Optional.empty();
    }

    /** Whether there are more holes than {@link #MOST_HOLES}. */
    default boolean tooLarge() {
        return false;
    }

    /** Passes of the needle through the fullest hole of each number, over all signatures; empty where there is no order. */
    default Map<Integer, Integer> passes() {
        return Map.of();
    }

    /** It is not sewn, or cannot be through holes like these. */
    record Unsewn() implements ThreadOrder {}

    /** There are more holes than {@link #MOST_HOLES}. */
    record TooLarge() implements ThreadOrder {
        @Override
        public boolean tooLarge() {
            return true;
        }
    }

    /**
     * An order.
     *
     * @param stitching how it is sewn
     * @param choice what was chosen of it
     * @param path the way of one thread, or of each signature's
     */
    record Found(Stitching stitching, Stitching.Choice choice, ThreadPath path) implements ThreadOrder {
        @Override
        public Optional<Found> found() {
            return Optional.of(this);
        }

        @Override
        public Map<Integer, Integer> passes() {
            Map<Integer, Integer> most = new HashMap<>();
            path.passes().forEach((hole, passes) -> most.merge(hole.station(), passes, Math::max));
            return most;
        }
    }

    /** The order in which a book is sewn. */
    static ThreadOrder of(BookSpec spec, Gathered gathered, HolePlaces places) {
        return sewn(spec, places)
                .map(stitching -> of(spec, gathered, places, stitching))
                .orElseGet(Unsewn::new);
    }

    private static ThreadOrder of(BookSpec spec, Gathered gathered, HolePlaces places, Stitching stitching) {
        int signatures = stitching.sewnAtOnce() ? 1 : gathered.signatures();
        if (signatures * places.counted() > MOST_HOLES) {
            return new TooLarge();
        }
        Stitching.Choice choice = choice(spec, stitching, signatures, places);
        return new Found(stitching, choice, stitching.stitch(choice));
    }

    /** How a book is sewn through holes there; nothing where it is not, or cannot be. */
    static Optional<Stitching> sewn(BookSpec spec, HolePlaces places) {
        return spec.stitching().filter(way -> way.takesStations(places.counted(), spec.variant()));
    }

    /** What is chosen of the way a book is sewn, with so many signatures. */
    static Stitching.Choice choice(BookSpec spec, Stitching stitching, int signatures, HolePlaces places) {
        List<SideHole> side = places.match(List::of, folds -> List.of(), HolePlaces.ThroughSide::holes);
        return new Stitching.Choice(
                signatures,
                places.counted(),
                side,
                spec.variant(),
                stitching.choosesKnot() ? spec.thread().knot() : Face.INSIDE,
                spec.thread().turns());
    }
}
