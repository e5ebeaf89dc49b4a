package itomichi.material;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.measure.Length;
import java.util.Optional;

/**
 * A paper as it comes: the stock sheet, and what there is of it.
 *
 * @param width of the stock sheet
 * @param height of the stock sheet
 * @param grain which way its fibres lie
 * @param deckle what is cut off along each edge before anything else, nothing where the edges are straight or the deckle is kept
 * @param have sheets in the drawer, where that is known
 * @param price of a sheet in the binder's money, where that is known
 */
@RecordBuilder
public record Supply(
        Length width, Length height, SheetGrain grain, Length deckle, Optional<Integer> have, Optional<Double> price)
        implements SupplyBuilder.With {

    /** Width that is left between the deckle edges. */
    public Length usableWidth() {
        return width.minus(deckle.times(2));
    }

    /** Height that is left between the deckle edges. */
    public Length usableHeight() {
        return height.minus(deckle.times(2));
    }
}
