package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.cover.CoverChoices;
import itomichi.cover.CoverStock;
import itomichi.cover.PieceStuff;
import itomichi.measure.Length;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How the sewn block is to be covered, what was measured on it, and what is done of it.
 *
 * @param kind key of the kind of cover; one that does not fit counts as the usual one, and so does none
 * @param choices what is settled of it
 * @param measured what was measured on the sewn block
 * @param stocks the sheets its pieces are cut from, where that is settled
 * @param ticked keys of the steps that are done
 */
@RecordBuilder
public record CoverWish(
        String kind, CoverChoices choices, Measured measured, Map<PieceStuff, CoverStock> stocks, Set<String> ticked)
        implements CoverWishBuilder.With {

    /** The usual cover, nothing measured, nothing done. */
    public static final CoverWish USUAL = new CoverWish("", CoverChoices.USUAL, Measured.NOTHING, Map.of(), Set.of());

    public CoverWish {
        stocks = Map.copyOf(stocks);
        ticked = Set.copyOf(ticked);
    }

    /**
     * What was measured on the sewn block; the plan stands in for what was not.
     *
     * @param height from head to tail
     * @param width from the spine to the fore edge
     * @param spine thickness at the spine
     * @param foreEdge thickness at the fore edge
     * @param board thickness of a board
     */
    @RecordBuilder
    public record Measured(
            Optional<Length> height,
            Optional<Length> width,
            Optional<Length> spine,
            Optional<Length> foreEdge,
            Optional<Length> board)
            implements CoverWishMeasuredBuilder.With {

        /** Nothing was measured. */
        public static final Measured NOTHING =
                new Measured(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
