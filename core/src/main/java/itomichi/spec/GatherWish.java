package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.gathering.Back;
import itomichi.gathering.Pressing;
import itomichi.gathering.Split;
import itomichi.gathering.SplitWish;
import itomichi.measure.Length;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How a binder wants sheets gathered.
 *
 * @param chosen the split that was settled on; nothing where the best is to be taken
 * @param wish what is preferred of a split
 * @param pressing how long the signatures are pressed
 * @param back how the back is to be, where it can be rounded
 * @param pasteIns thickness of what is to be pasted in, all of it together
 * @param recipes what lies in a signature, sheet by sheet; several are taken in turn through the book; none where every sheet is alike
 * @param heights of signatures that are not as high as the leaf, by their number from 1
 */
@RecordBuilder
public record GatherWish(
        Optional<Chosen> chosen,
        SplitWish wish,
        Pressing pressing,
        Back back,
        Length pasteIns,
        List<List<RecipeSheet>> recipes,
        Map<Integer, Length> heights)
        implements GatherWishBuilder.With {

    /** Nothing chosen, nothing preferred. */
    public static final GatherWish PLAIN = new GatherWish(
            Optional.empty(), SplitWish.NONE, Pressing.OVERNIGHT, Back.FLAT, Length.ZERO, List.of(), Map.of());

    public GatherWish {
        recipes = recipes.stream().map(List::copyOf).toList();
        heights = Collections.unmodifiableMap(new TreeMap<>(heights));
    }

    /**
     * A split that was settled on.
     *
     * @param signatures how many
     * @param filled whether signatures are filled up with blank pages so that all are alike
     * @param sheetsEach how many sheets they are filled to at least; nothing where as few as hold the pages
     */
    public record Chosen(int signatures, boolean filled, Optional<Integer> sheetsEach) {

        public Chosen(int signatures, boolean filled) {
            this(signatures, filled, Optional.empty());
        }

        /** A split of a ranking. */
        public static Chosen of(Split split) {
            return new Chosen(split.signatures(), split.even(), split.filledTo());
        }
    }

    /**
     * A sheet of a recipe.
     *
     * @param paper which of the book's papers, from 0
     * @param first width of the leaf before the fold; nothing where it is as wide as the others
     * @param second width of the leaf after the fold
     */
    public record RecipeSheet(int paper, Optional<Length> first, Optional<Length> second) {}
}
