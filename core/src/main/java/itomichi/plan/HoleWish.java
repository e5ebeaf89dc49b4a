package itomichi.plan;

import itomichi.measure.Length;
import itomichi.measure.Unit;
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
public record HoleWish(StationScheme stations, Level level, RowScheme rows, Side side) {

    private static final int MOST_STATIONS = 400;
    private static final int MOST_LOOSE = 60;

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
    public record Side(
            Length edge,
            Length along,
            Length extraEdge,
            boolean inner,
            Length innerEdge,
            Optional<List<SideHole>> byHand,
            List<LooseSheet> loose) {

        /** By common practice: 12 mm from the spine, satellites half as far. */
        public static final Side USUAL = new Side(
                Length.ofMm(12), Length.ofMm(7), Length.ofMm(6), false, Length.ofMm(17), Optional.empty(), List.of());

        public Side {
            byHand = byHand.map(List::copyOf);
            loose = List.copyOf(loose);
        }

        public Side withByHand(Optional<List<SideHole>> other) {
            return new Side(edge, along, extraEdge, inner, innerEdge, other, loose);
        }

        public Side withEdge(Length other) {
            return new Side(other, along, extraEdge, inner, innerEdge, byHand, loose);
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

    public HoleWish withStations(StationScheme other) {
        return new HoleWish(other, level, rows, side);
    }

    public HoleWish withRows(RowScheme other) {
        return new HoleWish(stations, level, other, side);
    }

    public HoleWish withSide(Side other) {
        return new HoleWish(stations, level, rows, other);
    }

    public HoleWish withLevel(Level other) {
        return new HoleWish(stations, other, rows, side);
    }

    /** @throws UnfitValueException if a value is one that no book can have */
    void check(Unit unit) {
        checkStations(unit);
        if (rows instanceof RowScheme.EdgeMargin edge) {
            Limits.length("rows.marginMm", "A margin", edge.margin(), 0, 300, unit);
        } else if (rows instanceof RowScheme.Pitch pitch) {
            Limits.length("rows.pitchMm", "A distance from row to row", pitch.pitch(), 0.5, 100, unit);
        } else if (rows instanceof RowScheme.Placed placed) {
            increasing("rows.placedMm", "A row", "Row", "right of", placed.fromLeft(), unit);
        }
        checkSide(unit);
    }

    private void checkStations(Unit unit) {
        Limits.number("stations.count", "A fold", stations.count(), 2, MOST_STATIONS, " stations");
        if (stations instanceof StationScheme.Margins margins) {
            Limits.length("stations.headMm", "A margin", margins.headMargin(), 0.5, 600, unit);
            Limits.length("stations.tailMm", "A margin", margins.tailMargin(), 0.5, 600, unit);
        } else if (stations instanceof StationScheme.Share share) {
            Limits.number("stations.sharePercent", "A share", share.share() * 100, 1, 45, " %");
        } else if (stations instanceof StationScheme.Pairs pairs) {
            Limits.number("stations.pairs", "A fold", pairs.pairs(), 1, 40, " pairs");
            Limits.length("stations.pairMm", "A support", pairs.width(), 1, 100, unit);
            Limits.length("stations.kettleMm", "A kettle", pairs.kettle(), 0.5, 300, unit);
        } else if (stations instanceof StationScheme.Exemplar exemplar) {
            Limits.length("stations.exemplarHeightMm", "The older book’s height", exemplar.height(), 20, 1200, unit);
            increasing("stations.exemplarMm", "A station", "Station", "below", exemplar.fromHead(), unit);
        } else if (stations instanceof StationScheme.Placed placed) {
            increasing("stations.placedMm", "A station", "Station", "below", placed.fromHead(), unit);
        }
    }

    private static void increasing(
            String field, String one, String counted, String beyond, List<Length> places, Unit unit) {
        for (int i = 0; i < places.size(); i++) {
            Limits.length(field, one, places.get(i), 0, 1200, unit);
            if (i > 0 && !places.get(i - 1).isLessThan(places.get(i))) {
                throw new UnfitValueException(
                        field,
                        counted + " " + (i + 1) + " must lie " + beyond + " "
                                + counted.toLowerCase(java.util.Locale.ROOT) + " " + i + ".");
            }
        }
    }

    private void checkSide(Unit unit) {
        Limits.length("side.edgeMm", "A distance from the spine", side.edge(), 1, 200, unit);
        Limits.length("side.alongMm", "A satellite’s distance", side.along(), 1, 100, unit);
        Limits.length("side.extraEdgeMm", "A distance from the spine", side.extraEdge(), 1, 200, unit);
        Limits.length("side.innerEdgeMm", "A distance from the spine", side.innerEdge(), 1, 200, unit);
        side.byHand().ifPresent(holes -> {
            Limits.number("side.placed", "A block", holes.size(), 2, MOST_STATIONS, " holes");
            holes.forEach(hole -> {
                Limits.length("side.placed", "A hole’s distance from the head", hole.fromHead(), 0, 1200, unit);
                Limits.length("side.placed", "A hole’s distance from the spine", hole.fromSpine(), 0, 1200, unit);
            });
        });
        Limits.number("side.loose", "A book", side.loose().size(), 0, MOST_LOOSE, " sheets of their own size");
        side.loose().forEach(sheet -> {
            Limits.text("side.loose", "A sheet’s name", sheet.name(), 1, 60);
            Limits.length("side.loose", "A sheet’s width", sheet.width(), 5, 1200, unit);
            Limits.length("side.loose", "A sheet’s height", sheet.height(), 5, 1200, unit);
        });
    }
}
