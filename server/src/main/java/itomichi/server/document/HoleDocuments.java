package itomichi.server.document;

import static itomichi.server.document.Checked.mm;
import static itomichi.server.document.Checked.whole;
import static itomichi.server.platform.Sent.given;

import itomichi.measure.Length;
import itomichi.server.document.BookDocument.Scheme;
import itomichi.server.document.BookDocument.School;
import itomichi.spec.HoleWish;
import itomichi.station.RowScheme;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import java.util.List;
import java.util.Optional;

/** Where the holes go, in documents and in specs. */
public final class HoleDocuments {

    private HoleDocuments() {}

    static HoleWish holes(BookDocument document) {
        BookDocument.Stations stations = given("stations", document.stations());
        return new HoleWish(
                stations(stations),
                given("stations.level", stations.level()),
                rows(given("rows", document.rows())),
                side(given("side", document.side())));
    }

    private static StationScheme stations(BookDocument.Stations stations) {
        return switch (given("stations.scheme", stations.scheme())) {
            case MARGINS ->
                new StationScheme.Margins(
                        stations.count(),
                        mm("stations.headMm", stations.headMm()),
                        mm("stations.tailMm", stations.tailMm()));
            case SHARE -> new StationScheme.Share(stations.count(), stations.sharePercent() / 100);
            case EQUAL -> new StationScheme.Equal(stations.count());
            case PAIRS ->
                new StationScheme.Pairs(
                        stations.pairs(),
                        mm("stations.pairMm", stations.pairMm()),
                        mm("stations.kettleMm", stations.kettleMm()));
            case EXEMPLAR ->
                new StationScheme.Exemplar(
                        mm("stations.exemplarHeightMm", stations.exemplarHeightMm()),
                        places("stations.exemplarMm", stations.exemplarMm()),
                        given("stations.carry", stations.carry()));
            case PLACED ->
                new StationScheme.Placed(places("stations.placedMm", stations.placedMm()), stations.symmetric());
        };
    }

    private static RowScheme rows(BookDocument.Rows rows) {
        return switch (given("rows.school", rows.school())) {
            case EQUAL -> new RowScheme.EqualGaps();
            case MARGIN -> new RowScheme.EdgeMargin(mm("rows.marginMm", rows.marginMm()));
            case PITCH -> new RowScheme.Pitch(mm("rows.pitchMm", rows.pitchMm()));
            case THICKNESS -> new RowScheme.OwnThickness();
            case PLACED -> new RowScheme.Placed(places("rows.placedMm", rows.placedMm()));
        };
    }

    private static HoleWish.Side side(BookDocument.Side side) {
        return new HoleWish.Side(
                mm("side.edgeMm", side.edgeMm()),
                mm("side.alongMm", side.alongMm()),
                mm("side.extraEdgeMm", side.extraEdgeMm()),
                side.inner(),
                mm("side.innerEdgeMm", side.innerEdgeMm()),
                side.byHand() ? Optional.of(holes("side.placed", side.placed())) : Optional.empty(),
                whole("side.loose", given("side.loose", side.loose())).stream()
                        .map(HoleDocuments::loose)
                        .toList());
    }

    /** Holes through the side, checked as they are taken. */
    public static List<SideHole> holes(String field, List<BookDocument.SidePlace> places) {
        return whole(field, given(field, places)).stream()
                .map(hole -> new SideHole(
                        given(field, hole.role()), mm(field, hole.fromHeadMm()), mm(field, hole.fromSpineMm())))
                .toList();
    }

    /** Holes through the side as they travel. */
    public static List<BookDocument.SidePlace> places(List<SideHole> holes) {
        return holes.stream()
                .map(hole -> new BookDocument.SidePlace(
                        hole.role(), hole.fromHead().mm(), hole.fromSpine().mm()))
                .toList();
    }

    private static HoleWish.LooseSheet loose(BookDocument.Loose sheet) {
        return new HoleWish.LooseSheet(
                given("side.loose", sheet.name()).strip(),
                mm("side.loose", sheet.widthMm()),
                mm("side.loose", sheet.heightMm()),
                given("side.loose", sheet.level()));
    }

    private static List<Length> places(String field, List<Double> places) {
        return whole(field, given(field, places)).stream()
                .map(place -> mm(field, place))
                .toList();
    }

    private static List<Double> mms(List<Length> places) {
        return places.stream().map(Length::mm).toList();
    }

    /** What the scheme says, and of the schemes that are not used what was said before. */
    static BookDocument.Stations stations(BookDocument.Stations before, HoleWish holes) {
        StationScheme scheme = holes.stations();
        Optional<StationScheme.Margins> margins = as(scheme, StationScheme.Margins.class);
        Optional<StationScheme.Share> share = as(scheme, StationScheme.Share.class);
        Optional<StationScheme.Pairs> pairs = as(scheme, StationScheme.Pairs.class);
        Optional<StationScheme.Exemplar> exemplar = as(scheme, StationScheme.Exemplar.class);
        Optional<StationScheme.Placed> placed = as(scheme, StationScheme.Placed.class);
        return new BookDocument.Stations(
                scheme.match(NAMED),
                scheme.count(),
                margins.map(one -> one.headMargin().mm()).orElse(before.headMm()),
                margins.map(one -> one.tailMargin().mm()).orElse(before.tailMm()),
                share.map(one -> one.share() * 100).orElse(before.sharePercent()),
                pairs.map(StationScheme.Pairs::pairs).orElse(before.pairs()),
                pairs.map(one -> one.width().mm()).orElse(before.pairMm()),
                pairs.map(one -> one.kettle().mm()).orElse(before.kettleMm()),
                exemplar.map(one -> one.height().mm()).orElse(before.exemplarHeightMm()),
                exemplar.map(one -> mms(one.fromHead())).orElse(before.exemplarMm()),
                exemplar.map(StationScheme.Exemplar::carried).orElse(before.carry()),
                placed.map(one -> mms(one.fromHead())).orElse(before.placedMm()),
                placed.map(StationScheme.Placed::symmetric).orElse(before.symmetric()),
                holes.level());
    }

    private static <T extends StationScheme> Optional<T> as(StationScheme scheme, Class<T> kind) {
        return Optional.of(scheme).filter(kind::isInstance).map(kind::cast);
    }

    private static final StationScheme.Cases<Scheme> NAMED = new StationScheme.Cases<>() {
        @Override
        public Scheme margins(StationScheme.Margins margins) {
            return Scheme.MARGINS;
        }

        @Override
        public Scheme share(StationScheme.Share share) {
            return Scheme.SHARE;
        }

        @Override
        public Scheme equal(StationScheme.Equal equal) {
            return Scheme.EQUAL;
        }

        @Override
        public Scheme pairs(StationScheme.Pairs pairs) {
            return Scheme.PAIRS;
        }

        @Override
        public Scheme exemplar(StationScheme.Exemplar exemplar) {
            return Scheme.EXEMPLAR;
        }

        @Override
        public Scheme placed(StationScheme.Placed placed) {
            return Scheme.PLACED;
        }
    };

    static BookDocument.Rows rows(BookDocument.Rows before, RowScheme scheme) {
        return scheme.match(new RowsOf(before));
    }

    /** What the school says, and of the schools that are not used what was said before. */
    private record RowsOf(BookDocument.Rows before) implements RowScheme.Cases<BookDocument.Rows> {

        private BookDocument.Rows by(School school) {
            return new BookDocument.Rows(school, before.marginMm(), before.pitchMm(), before.placedMm());
        }

        @Override
        public BookDocument.Rows equalGaps(RowScheme.EqualGaps equal) {
            return by(School.EQUAL);
        }

        @Override
        public BookDocument.Rows edgeMargin(RowScheme.EdgeMargin edge) {
            return new BookDocument.Rows(School.MARGIN, edge.margin().mm(), before.pitchMm(), before.placedMm());
        }

        @Override
        public BookDocument.Rows pitch(RowScheme.Pitch pitch) {
            return new BookDocument.Rows(
                    School.PITCH, before.marginMm(), pitch.pitch().mm(), before.placedMm());
        }

        @Override
        public BookDocument.Rows ownThickness(RowScheme.OwnThickness thickness) {
            return by(School.THICKNESS);
        }

        @Override
        public BookDocument.Rows placed(RowScheme.Placed placed) {
            return new BookDocument.Rows(School.PLACED, before.marginMm(), before.pitchMm(), mms(placed.fromLeft()));
        }
    }

    static BookDocument.Side side(BookDocument.Side before, HoleWish.Side side) {
        return new BookDocument.Side(
                side.edge().mm(),
                side.along().mm(),
                side.extraEdge().mm(),
                side.inner(),
                side.innerEdge().mm(),
                side.byHand().isPresent(),
                side.byHand().map(HoleDocuments::places).orElse(before.placed()),
                side.loose().stream()
                        .map(sheet -> new BookDocument.Loose(
                                sheet.name(), sheet.width().mm(), sheet.height().mm(), sheet.level()))
                        .toList());
    }
}
