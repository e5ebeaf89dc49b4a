package itomichi.station;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.measure.Length;
import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The schools of placing stations, against their closed forms. */
public class SchoolsTest {

    @Test
    public void threeTapesOnA5LeaveEqualClearSpaces() {
        // (210 - 2*12 - 3*14) / 4 = 36, closed form; three tapes for A5: common practice, no source
        Stations tapes = new StationScheme.Pairs(3, Length.ofMm(14), Length.ofMm(12)).along(Length.ofMm(210));
        assertEquals(mm(tapes), List.of(12.0, 48.0, 62.0, 98.0, 112.0, 148.0, 162.0, 198.0));
    }

    @Test
    public void equalSpacesDivideTheHeightByOneMoreThanTheStations() {
        // 210 / 6 = 35, closed form
        assertEquals(mm(new StationScheme.Equal(5).along(Length.ofMm(210))), List.of(35.0, 70.0, 105.0, 140.0, 175.0));
    }

    @DataProvider
    Object[][] carried() {
        // an older book 200 mm high with stations 20, 100, 180, brought onto 240 mm
        return new Object[][] {
            {StationScheme.Carry.IN_PROPORTION, List.of(24.0, 120.0, 216.0)},
            {StationScheme.Carry.FROM_HEAD, List.of(20.0, 100.0, 180.0)},
            {StationScheme.Carry.FROM_CENTRE, List.of(40.0, 120.0, 200.0)},
            {StationScheme.Carry.FROM_TAIL, List.of(60.0, 140.0, 220.0)},
        };
    }

    @Test(dataProvider = "carried")
    public void anOlderBooksStationsAreCarriedOver(StationScheme.Carry carry, List<Double> wanted) {
        StationScheme exemplar = new StationScheme.Exemplar(
                Length.ofMm(200), List.of(Length.ofMm(20), Length.ofMm(100), Length.ofMm(180)), carry);
        assertEquals(mm(exemplar.along(Length.ofMm(240))), wanted);
    }

    @Test
    public void handPlacedStationsAreBroughtSymmetric() {
        StationScheme placed =
                new StationScheme.Placed(List.of(Length.ofMm(20), Length.ofMm(101), Length.ofMm(182)), true);
        // the outer two are 20 and 18 from their ends, so 19 each; the middle one goes to the middle
        assertEquals(mm(placed.along(Length.ofMm(200))), List.of(19.0, 100.0, 181.0));
    }

    @Test
    public void pairsThatFillTheFoldAreToldWithTheirNumbers() {
        String words = new StationScheme.Pairs(4, Length.ofMm(20), Length.ofMm(15))
                .unfit(Length.ofMm(105))
                .orElseThrow()
                .in(itomichi.measure.Unit.MM);
        assertTrue(words.contains("4 pairs 20") && words.contains("105"), words);
    }

    private static Draw<StationScheme> symmetricSchools() {
        return Draw.between(2, 40).with(Draw.between(0, 3), (count, school) -> switch (school) {
            case 0 -> new StationScheme.Margins(count, Length.ofMm(9), Length.ofMm(9));
            case 1 -> new StationScheme.Share(count, 0.07);
            case 2 -> new StationScheme.Equal(count);
            default -> new StationScheme.Pairs(1 + count / 8, Length.ofMm(7), Length.ofMm(11));
        });
    }

    @Test
    public void everySchoolIncreasesInsideTheFold() {
        Property.holds().of(Draw.between(90, 1200), symmetricSchools(), (heightMm, school) -> {
            Stations stations = school.along(Length.ofMm(heightMm));
            return stations.count() == school.count()
                    && stations.at(1).micrometres() > 0
                    && stations.at(stations.count()).isLessThan(Length.ofMm(heightMm));
        });
    }

    @Test
    public void everySchoolOfEqualEndsIsItsOwnMirror() {
        Property.holds().of(Draw.between(90, 1200), symmetricSchools(), (heightMm, school) -> {
            Stations stations = school.along(Length.ofMm(heightMm));
            Stations turned = stations.turned(Length.ofMm(heightMm));
            return IntStream.rangeClosed(1, stations.count())
                    .allMatch(i -> Math.abs(stations.at(i).minus(turned.at(i)).micrometres()) <= 1);
        });
    }

    @Test
    public void theMirrorOfTheMirrorIsTheFoldAgain() {
        Property.holds().of(Draw.between(90, 1200), symmetricSchools(), (heightMm, school) -> {
            Stations stations = school.along(Length.ofMm(heightMm));
            return stations.turned(Length.ofMm(heightMm))
                    .turned(Length.ofMm(heightMm))
                    .equals(stations);
        });
    }

    private static List<Double> mm(Stations stations) {
        return stations.fromHead().stream().map(Length::mm).toList();
    }
}
