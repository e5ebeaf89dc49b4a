package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.measure.Length;
import itomichi.station.Level;
import itomichi.station.RowScheme;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import java.util.List;
import java.util.Optional;

/**
 * Where a binder wants the holes.
 *
 * @param stations along the fold, or the main holes along the spine of a stab binding
 * @param level where signatures of another height are brought level
 * @param rows across the spine of a cover that is sewn through
 * @param side what a stab binding has besides
 */
@RecordBuilder
public record HoleWish(StationScheme stations, Level level, RowScheme rows, Side side) implements HoleWishBuilder.With {

    /** These stations; all else as it is usual. */
    public static HoleWish of(StationScheme stations) {
        return new HoleWish(stations, Level.HEAD, new RowScheme.EqualGaps(), Side.USUAL);
    }

    /**
     * Holes through the side of a block.
     *
     * @param edge of the main holes, from the spine
     * @param along how far satellites lie from their main hole, along the spine
     * @param extraEdge how far all but the main holes lie from the spine
     * @param inner whether there is an inner binding
     * @param innerEdge how far its holes lie from the spine
     * @param byHand all holes, where they are placed one by one; else nothing
     * @param loose sheets that are not of the book's size
     */
    @RecordBuilder
    public record Side(
            Length edge,
            Length along,
            Length extraEdge,
            boolean inner,
            Length innerEdge,
            Optional<List<SideHole>> byHand,
            List<LooseSheet> loose)
            implements HoleWishSideBuilder.With {

        /** By common practice: 12 mm from the spine, satellites half as far. */
        public static final Side USUAL = new Side(
                Length.ofMm(12), Length.ofMm(7), Length.ofMm(6), false, Length.ofMm(17), Optional.empty(), List.of());

        public Side {
            byHand = byHand.map(List::copyOf);
            loose = List.copyOf(loose);
        }
    }

    /**
     * A sheet, or a fold-out, that is not of the book's size.
     *
     * @param name what it is
     * @param width as it lies in the book, folded back if it folds out
     * @param height of it
     * @param level where it is brought level with the block
     */
    public record LooseSheet(String name, Length width, Length height, Level level) {}
}
