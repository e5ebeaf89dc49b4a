package itomichi.spec;

import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.station.RowScheme;
import itomichi.station.StationScheme;
import java.util.List;
import java.util.Locale;

/** Where no book can have its holes. */
final class HoleLimits implements StationScheme.Cases<StationScheme>, RowScheme.Cases<RowScheme> {

    private static final int MOST_STATIONS = 400;
    private static final int MOST_LOOSE = 60;

    private final Unit unit;

    private HoleLimits(Unit unit) {
        this.unit = unit;
    }

    static void check(HoleWish wish, Unit unit) {
        HoleLimits limits = new HoleLimits(unit);
        Limits.number("stations.count", "A fold", wish.stations().count(), 2, MOST_STATIONS, " stations");
        wish.stations().match(limits);
        wish.rows().match(limits);
        limits.side(wish.side());
    }

    private void length(String field, String what, Length value, double leastMm, double mostMm) {
        Limits.length(field, what, value, leastMm, mostMm, unit);
    }

    @Override
    public StationScheme margins(StationScheme.Margins margins) {
        length("stations.headMm", "A margin", margins.headMargin(), 0.5, 600);
        length("stations.tailMm", "A margin", margins.tailMargin(), 0.5, 600);
        return margins;
    }

    @Override
    public StationScheme share(StationScheme.Share share) {
        Limits.number("stations.sharePercent", "A share", share.share() * 100, 1, 45, " %");
        return share;
    }

    @Override
    public StationScheme equal(StationScheme.Equal equal) {
        return equal;
    }

    @Override
    public StationScheme pairs(StationScheme.Pairs pairs) {
        Limits.number("stations.pairs", "A fold", pairs.pairs(), 1, 40, " pairs");
        length("stations.pairMm", "A support", pairs.width(), 1, 100);
        length("stations.kettleMm", "A kettle", pairs.kettle(), 0.5, 300);
        return pairs;
    }

    @Override
    public StationScheme exemplar(StationScheme.Exemplar exemplar) {
        length("stations.exemplarHeightMm", "The older book’s height", exemplar.height(), 20, 1200);
        increasing("stations.exemplarMm", "A station", "Station", "below", exemplar.fromHead());
        return exemplar;
    }

    @Override
    public StationScheme placed(StationScheme.Placed placed) {
        increasing("stations.placedMm", "A station", "Station", "below", placed.fromHead());
        return placed;
    }

    @Override
    public RowScheme equalGaps(RowScheme.EqualGaps equal) {
        return equal;
    }

    @Override
    public RowScheme edgeMargin(RowScheme.EdgeMargin edge) {
        length("rows.marginMm", "A margin", edge.margin(), 0, 300);
        return edge;
    }

    @Override
    public RowScheme pitch(RowScheme.Pitch pitch) {
        length("rows.pitchMm", "A distance from row to row", pitch.pitch(), 0.5, 100);
        return pitch;
    }

    @Override
    public RowScheme ownThickness(RowScheme.OwnThickness thickness) {
        return thickness;
    }

    @Override
    public RowScheme placed(RowScheme.Placed placed) {
        increasing("rows.placedMm", "A row", "Row", "right of", placed.fromLeft());
        return placed;
    }

    private void increasing(String field, String one, String counted, String beyond, List<Length> places) {
        for (int i = 0; i < places.size(); i++) {
            length(field, one, places.get(i), 0, 1200);
            if (i > 0 && !places.get(i - 1).isLessThan(places.get(i))) {
                String before = counted.toLowerCase(Locale.ROOT) + " " + i;
                throw new UnfitValueException(
                        field, counted + " " + (i + 1) + " must lie " + beyond + " " + before + ".");
            }
        }
    }

    private void side(HoleWish.Side side) {
        length("side.edgeMm", "A distance from the spine", side.edge(), 1, 200);
        length("side.alongMm", "A satellite’s distance", side.along(), 1, 100);
        length("side.extraEdgeMm", "A distance from the spine", side.extraEdge(), 1, 200);
        length("side.innerEdgeMm", "A distance from the spine", side.innerEdge(), 1, 200);
        side.byHand().ifPresent(holes -> {
            Limits.number("side.placed", "A block", holes.size(), 2, MOST_STATIONS, " holes");
            holes.forEach(hole -> {
                length("side.placed", "A hole’s distance from the head", hole.fromHead(), 0, 1200);
                length("side.placed", "A hole’s distance from the spine", hole.fromSpine(), 0, 1200);
            });
        });
        Limits.number("side.loose", "A book", side.loose().size(), 0, MOST_LOOSE, " sheets of their own size");
        side.loose().forEach(sheet -> {
            Limits.text("side.loose", "A sheet’s name", sheet.name(), 1, 60);
            length("side.loose", "A sheet’s width", sheet.width(), 5, 1200);
            length("side.loose", "A sheet’s height", sheet.height(), 5, 1200);
        });
    }
}
