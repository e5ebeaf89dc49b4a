package itomichi.station;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StationsTest {

    @Test
    public void equalSpacesBetweenMarginsByHand() {
        // (210 - 20 - 20) / 4 = 42.5, closed form
        Stations stations = new StationScheme.Margins(5, Length.ofMm(20), Length.ofMm(20)).along(Length.ofMm(210));
        assertEquals(stations.fromHead().stream().map(Length::mm).toList(), List.of(20.0, 62.5, 105.0, 147.5, 190.0));
    }

    @Test
    public void everySchemeIncreasesAndStaysOnTheFold() {
        Property.holds()
                .of(Draw.between(60, 1200), Draw.between(1, 15), Draw.between(3, 25), (heightMm, half, marginMm) -> {
                    Length height = Length.ofMm(heightMm);
                    Stations stations = new StationScheme.Margins(
                                    2 * half + 1, Length.ofMm(marginMm), Length.ofMm(marginMm))
                            .along(height);
                    return stations.at(1).micrometres() > 0
                            && stations.at(stations.count()).isLessThan(height);
                });
    }

    @Test
    public void equalMarginsAreSymmetricAboutTheMiddle() {
        Property.holds().of(Draw.between(60, 1200), Draw.between(1, 15), (heightMm, half) -> {
            Length height = Length.ofMm(heightMm);
            Stations stations = new StationScheme.Share(2 * half + 1, 0.1).along(height);
            for (int i = 1; i <= stations.count(); i++) {
                long mirrored =
                        height.minus(stations.at(stations.count() + 1 - i)).micrometres();
                if (Math.abs(mirrored - stations.at(i).micrometres()) > 1) {
                    return false;
                }
            }
            return true;
        });
    }

    @Test
    public void marginsThatEatTheFoldAreRefusedWithTheirNumbers() {
        StationScheme wide = new StationScheme.Margins(3, Length.ofMm(60), Length.ofMm(60));
        String message = expectThrows(IllegalArgumentException.class, () -> wide.along(Length.ofMm(100)))
                .getMessage();
        assertEquals(message, "Margins of 60\u202fmm and 60\u202fmm leave nothing of a fold of 100\u202fmm");
    }

    @Test
    public void stationsOutOfOrderAreRefused() {
        expectThrows(IllegalArgumentException.class, () -> placed(20, 20, 40));
        expectThrows(IllegalArgumentException.class, () -> placed(20, 15, 40));
    }

    @DataProvider
    Object[][] faulty() {
        // limits: common practice, no source
        return new Object[][] {
            {placed(2.9, 50, 80), StationFault.Kind.TEARS_OUT, 1},
            {placed(5.9, 50, 80), StationFault.Kind.NEAR_END, 1},
            {placed(20, 50, 97.5), StationFault.Kind.TEARS_OUT, 3},
            {placed(20, 50, 101), StationFault.Kind.OUTSIDE_FOLD, 3},
            {placed(20, 23.9, 80), StationFault.Kind.TEARS_THROUGH, 2},
            {placed(20, 27.9, 80), StationFault.Kind.NEAR_NEIGHBOUR, 2},
        };
    }

    @Test(dataProvider = "faulty")
    public void aHoleThatWouldTearIsNamed(Stations stations, StationFault.Kind kind, int station) {
        List<StationFault> faults = judged(stations, Length.ofMm(100));
        assertEquals(faults.stream().map(f -> f.kind() + " " + f.station()).toList(), List.of(kind + " " + station));
    }

    @Test
    public void threeStationsOnATallPageGape() {
        Stations tall = new StationScheme.Margins(3, Length.ofMm(20), Length.ofMm(20)).along(Length.ofMm(297));
        assertEquals(
                judged(tall, Length.ofMm(297)).stream()
                        .map(StationFault::kind)
                        .distinct()
                        .toList(),
                List.of(StationFault.Kind.GAPES));
    }

    @Test
    public void fiveStationsOnA5AreSound() {
        Stations sound = new StationScheme.Margins(5, Length.ofMm(20), Length.ofMm(20)).along(Length.ofMm(210));
        assertEquals(judged(sound, Length.ofMm(210)), List.of());
    }

    @Test
    public void aKettleNearTheEndSlips() {
        // kettles about 12 mm from the ends: common practice, no source
        Stations kettles = placed(7, 50, 93);
        assertEquals(
                StationFault.judge(kettles, Length.ofMm(100), List.of(Role.KETTLE, Role.LINK, Role.KETTLE), false)
                        .stream()
                        .map(StationFault::kind)
                        .toList(),
                List.of(StationFault.Kind.KETTLE_NEAR, StationFault.Kind.KETTLE_NEAR));
    }

    @Test
    public void aHoleCutOffByTheTrimIsToldWithTheTrim() {
        String words = StationFault.judge(placed(2, 50), Length.ofMm(100), plain(2), true)
                .get(0)
                .words()
                .in(itomichi.measure.Unit.MM);
        assertEquals(words.contains("from the head, once it is trimmed"), true, words);
    }

    private static List<Role> plain(int count) {
        return java.util.Collections.nCopies(count, Role.STATION);
    }

    private static List<StationFault> judged(Stations stations, Length height) {
        return StationFault.judge(stations, height, plain(stations.count()), false);
    }

    static Stations placed(double... mm) {
        return new Stations(java.util.Arrays.stream(mm).mapToObj(Length::ofMm).toList());
    }
}
