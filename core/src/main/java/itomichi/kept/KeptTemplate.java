package itomichi.kept;

import itomichi.book.BookPlan;
import itomichi.measure.Length;
import itomichi.plan.Holes;
import itomichi.spec.BookSpec;
import itomichi.station.RowScheme;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import itomichi.station.Stations;
import java.util.List;
import java.util.Optional;

/**
 * What is on a template that was kept.
 *
 * @param structure key of the structure it was made for
 * @param height of the fold or the block it was made for
 * @param stations along the fold, or the main holes along the spine
 * @param cover the cover it was made for; nothing where none is sewn through
 * @param side holes through the side of a block, in their order; none for folds
 */
public record KeptTemplate(
        String structure, Length height, Stations stations, Optional<OfCover> cover, List<SideHole> side) {

    public KeptTemplate {
        side = List.copyOf(side);
    }

    /**
     * The part of a template that is laid on a cover.
     *
     * @param height of the cover
     * @param spine width of its spine
     * @param head how far it stands out past the signatures at the head
     * @param rows from the left edge of the spine seen from outside
     */
    public record OfCover(Length height, Length spine, Length head, List<Length> rows) {
        public OfCover {
            rows = List.copyOf(rows);
        }
    }

    /** The template of a plan; nothing where it has no holes. */
    public static Optional<KeptTemplate> of(BookPlan plan) {
        String structure = plan.spec().structure();
        return plan.holes().map(holes -> {
            if (holes instanceof Holes.ThroughSide through) {
                return new KeptTemplate(structure, through.height(), through.main(), Optional.empty(), through.holes());
            }
            Holes.InFolds folds = (Holes.InFolds) holes;
            return new KeptTemplate(
                    structure,
                    folds.height(),
                    folds.stations(),
                    folds.cover()
                            .map(cover -> new OfCover(
                                    cover.height(),
                                    cover.width(),
                                    cover.head(),
                                    cover.rows().fromLeft())),
                    List.of());
        });
    }

    /** Width of the spine it was made for, if it lies on a cover. */
    public Optional<Length> spine() {
        return cover.map(OfCover::spine);
    }

    /** Height of what it is laid on first: the cover where it lies on one, else the fold. */
    public Length height(boolean ofCover) {
        return ofCover ? cover.map(OfCover::height).orElse(height) : height;
    }

    /**
     * Whether it fits something at hand.
     *
     * @param wanted height of the fold or of the cover
     * @param ofCover whether the height is a cover's
     * @param spine width of a spine, where one is known
     * @param within how far both may be off
     */
    public boolean fits(Length wanted, boolean ofCover, Optional<Length> spine, Length within) {
        if (ofCover && cover.isEmpty()) {
            return false;
        }
        boolean high = near(height(ofCover), wanted, within);
        boolean wide = spine.isEmpty() || spine().isEmpty() || near(spine().get(), spine.get(), within);
        return high && wide;
    }

    private static boolean near(Length one, Length other, Length within) {
        return !new Length(Math.abs(one.minus(other).micrometres())).isMoreThan(within);
    }

    /**
     * The book with its holes where this template has them, each placed by hand.
     *
     * @throws IllegalArgumentException in one line, if holes through folds are wanted of a template for a block's side or the other way
     */
    public BookSpec onto(BookSpec spec) {
        boolean throughSide = spec.bound().holing().throughSide();
        if (throughSide != !side.isEmpty()) {
            throw new IllegalArgumentException("A template for "
                    + (throughSide
                            ? "folds does not serve a block sewn through its side"
                            : "a block’s side does not serve folds"));
        }
        BookSpec placed = spec.withStations(new StationScheme.Placed(stations.fromHead()));
        if (throughSide) {
            return placed.withHoles(
                    placed.holes().withSide(placed.holes().side().withByHand(Optional.of(side))));
        }
        return cover.map(kept -> onto(placed, kept)).orElse(placed);
    }

    private static BookSpec onto(BookSpec spec, OfCover kept) {
        return spec.withHoles(spec.holes().withRows(new RowScheme.Placed(kept.rows())))
                .withCover(spec.cover()
                        .withHeight(Optional.of(kept.height()))
                        .withSpine(Optional.of(kept.spine()))
                        .withHeadSquare(Optional.of(kept.head())));
    }
}
