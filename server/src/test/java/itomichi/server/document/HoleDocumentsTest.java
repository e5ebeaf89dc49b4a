package itomichi.server.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.spec.BookSpec;
import itomichi.spec.HoleWish;
import itomichi.spec.UnfitValueException;
import itomichi.station.Level;
import itomichi.station.Role;
import itomichi.station.RowScheme;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Holes go from specs to documents and back unchanged; what is not used is kept for going back to. */
public class HoleDocumentsTest {

    private static final BookDocument START = StartingBook.in(Unit.MM);

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static List<Length> places(double... mms) {
        return java.util.Arrays.stream(mms).mapToObj(Length::ofMm).toList();
    }

    private static HoleWish back(BookSpec spec) {
        return BookDocuments.spec(BookDocuments.changed(START, spec)).holes();
    }

    private static BookSpec start() {
        return BookDocuments.spec(START);
    }

    @DataProvider
    Object[][] schemes() {
        return new Object[][] {
            {new StationScheme.Margins(7, mm(14.5), mm(19))},
            {new StationScheme.Share(5, 0.12)},
            {new StationScheme.Equal(5)},
            {new StationScheme.Pairs(3, mm(15), mm(11))},
            {new StationScheme.Exemplar(mm(190), places(12, 95, 178), StationScheme.Carry.FROM_CENTRE)},
            {new StationScheme.Placed(places(20, 105, 190), true)},
        };
    }

    @Test(dataProvider = "schemes")
    public void everyWayOfPlacingStationsComesBack(StationScheme scheme) {
        // a pamphlet sews odd numbers only; a link stitch takes any
        BookSpec spec = itomichi.spec.Binding.as(
                start(), itomichi.structure.Structures.keyed("link-stitch").orElseThrow());
        assertEquals(back(spec.withStations(scheme)).stations(), scheme);
    }

    @DataProvider
    Object[][] schools() {
        return new Object[][] {
            {new RowScheme.EqualGaps()},
            {new RowScheme.EdgeMargin(mm(5.5))},
            {new RowScheme.Pitch(mm(4.2))},
            {new RowScheme.OwnThickness()},
            {new RowScheme.Placed(places(4, 8, 13))},
        };
    }

    @Test(dataProvider = "schools")
    public void everySchoolOfRowsComesBack(RowScheme school) {
        assertEquals(back(start().withHoles(start().holes().withRows(school))).rows(), school);
    }

    @Test
    public void holesThroughTheSideComeBack() {
        HoleWish.Side side = new HoleWish.Side(
                mm(14),
                mm(8),
                mm(7),
                true,
                mm(19),
                Optional.of(
                        List.of(new SideHole(Role.MAIN, mm(20), mm(14)), new SideHole(Role.BY_HAND, mm(90), mm(11)))),
                List.of(new HoleWish.LooseSheet("Map", mm(140), mm(200), Level.CENTRE)));
        assertEquals(back(start().withHoles(start().holes().withSide(side))).side(), side);
    }

    @Test
    public void theLevelComesBack() {
        assertEquals(
                back(start().withHoles(start().holes().withLevel(Level.TAIL))).level(), Level.TAIL);
    }

    @Test
    public void goingBackToASchemeFindsItsNumbers() {
        BookDocument pairs = BookDocuments.changed(
                START,
                start().withStations(new StationScheme.Exemplar(
                        mm(190), places(12, 95, 178), StationScheme.Carry.FROM_HEAD)));
        assertEquals(pairs.stations().headMm(), START.stations().headMm());
        BookDocument again =
                BookDocuments.changed(pairs, start().withStations(new StationScheme.Margins(5, mm(20), mm(20))));
        assertEquals(again.stations().exemplarMm(), List.of(12.0, 95.0, 178.0));
    }

    @Test
    public void aCoverAtHandComesBackAndOneCutToTheBookHasNoMeasures() {
        BookSpec atHand = start().withCover(start().cover()
                .withHeight(Optional.of(mm(232)))
                .withSpine(Optional.of(mm(46)))
                .withHeadSquare(Optional.of(mm(2))));
        assertEquals(BookDocuments.spec(BookDocuments.changed(START, atHand)).cover(), atHand.cover());
        assertEquals(BookDocuments.changed(START, start()).cover().heightMm(), null);
    }

    @DataProvider
    Object[][] lacking() {
        return new Object[][] {
            {"stations.scheme", null, Level.HEAD}, {"stations.level", BookDocument.Scheme.EQUAL, null},
        };
    }

    @Test(dataProvider = "lacking")
    public void aPartThatIsMissingIsNamed(String field, BookDocument.Scheme scheme, Level level) {
        BookDocument.Stations whole = START.stations();
        BookDocument.Stations broken = new BookDocument.Stations(
                scheme,
                5,
                20,
                20,
                10,
                3,
                12,
                12,
                210,
                whole.exemplarMm(),
                whole.carry(),
                whole.placedMm(),
                false,
                level);
        BookDocument document = new BookDocument(
                START.name(),
                START.purpose(),
                START.unit(),
                START.structure(),
                START.use(),
                START.edition(),
                START.extent(),
                START.leaf(),
                START.paper(),
                START.otherPapers(),
                START.cutting(),
                START.gathering(),
                START.pages(),
                broken,
                START.rows(),
                START.side(),
                START.cover(),
                START.covering(),
                START.thread(),
                START.stitch(),
                START.done(),
                START.learned());
        assertEquals(
                expectThrows(UnfitValueException.class, () -> BookDocuments.spec(document))
                        .field(),
                field);
    }
}
