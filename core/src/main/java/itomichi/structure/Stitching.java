package itomichi.structure;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;
import itomichi.station.SideHole;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;

/** How a structure is sewn: the stations it takes, the order of the thread, what shows when it is done. */
public interface Stitching {

    /** The only way where practitioners do not differ. */
    String USUAL = "usual";

    /** The ways it is sewn where practitioners differ, the commonest first. */
    default List<Variant> variants() {
        return List.of(new Variant(USUAL, "the usual way", ""));
    }

    /** The way of that key, or the usual one where there is none. */
    default String known(String variant) {
        return variants().stream()
                .map(Variant::key)
                .filter(variant::equals)
                .findFirst()
                .orElse(USUAL);
    }

    /** Whether it can be sewn through so many stations in the way chosen. */
    boolean takesStations(int count, String variant);

    /** What stations it takes, for a line that refuses others. */
    String stationsWanted(String variant);

    /**
     * The usual order of sewing.
     *
     * @throws IllegalArgumentException if it cannot be sewn through so many stations
     */
    ThreadPath stitch(Choice choice);

    /** What shows when it is sewn, made without looking at {@link #stitch}. */
    StitchPattern pattern(Choice choice);

    /** How often the needle may pass each hole. */
    ToIntFunction<Hole> mostPasses(Choice choice);

    /** The same, where it is sewn by a pattern of the binder's own. */
    default Optional<OwnStitching> ofPattern() {
        return Optional.empty();
    }

    /** Whether a binder chooses on which side the knot sits. */
    default boolean choosesKnot() {
        return false;
    }

    /** What is sewn on with it: a thing whose measure counts. */
    default SewnOn sewnOn(String variant) {
        return SewnOn.NOTHING;
    }

    /** The stations after which a tape lies, up to the next station. */
    default Set<Integer> tapedAfter(int stations, String variant) {
        return Set.of();
    }

    /** Whether all signatures are pierced together, as if they were one. */
    default boolean sewnAtOnce() {
        return false;
    }

    /** Whether both ends of the thread are hidden inside the block. */
    default boolean hiddenStart(String variant) {
        return false;
    }

    /** Whether one thread goes on from signature to signature, so that it may be joined at their ends. */
    default boolean goesOn() {
        return false;
    }

    /** What is sewn on with a structure. */
    enum SewnOn {
        NOTHING,
        TAPES,
        CORD,
        BOARDS
    }

    /**
     * A way of sewing.
     *
     * @param key a name that does not change
     * @param words what a binder calls it
     * @param look what it looks like, or is good for, as a sentence
     */
    record Variant(String key, String words, String look) {}

    /**
     * What is chosen about a stitch.
     *
     * @param signatures number of signatures; 1 for a block
     * @param stations number of stations along each fold; the holes of a block
     * @param side the holes of a block; empty for folds
     * @param variant key of the way it is sewn
     * @param knot the face the knot sits on
     * @param turns of the square knot
     */
    @RecordBuilder
    record Choice(int signatures, int stations, List<SideHole> side, String variant, Face knot, int turns)
            implements StitchingChoiceBuilder.With {
        public Choice {
            side = List.copyOf(side);
        }

        /** Through folds, in the usual way, the knot inside. */
        public static Choice folds(int signatures, int stations) {
            return new Choice(signatures, stations, List.of(), USUAL, Face.INSIDE, 2);
        }

        /** Through the side of a block. */
        public static Choice side(List<SideHole> holes, String variant) {
            return new Choice(1, holes.size(), holes, variant, Face.BACK, 2);
        }
    }
}
