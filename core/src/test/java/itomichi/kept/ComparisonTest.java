package itomichi.kept;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.Stations;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every way a kept template can differ from a plan is told, and nothing else. */
public class ComparisonTest {

    private static List<Length> places(double... mms) {
        return Arrays.stream(mms).mapToObj(Length::ofMm).toList();
    }

    private static KeptTemplate cover(double height, double spine, double head, double... rows) {
        return new KeptTemplate(
                "long-stitch",
                Length.ofMm(220),
                new Stations(places(20, 110, 200)),
                Optional.of(new KeptTemplate.OfCover(
                        Length.ofMm(height), Length.ofMm(spine), Length.ofMm(head), places(rows))),
                List.of());
    }

    private static KeptTemplate folds(double height, double... stations) {
        return new KeptTemplate(
                "pamphlet", Length.ofMm(height), new Stations(places(stations)), Optional.empty(), List.of());
    }

    private static KeptTemplate side(SideHole... holes) {
        return new KeptTemplate(
                "stab-four-hole", Length.ofMm(210), new Stations(places(12, 198)), Optional.empty(), List.of(holes));
    }

    private static SideHole hole(double fromHead, double fromSpine) {
        return new SideHole(Role.MAIN, Length.ofMm(fromHead), Length.ofMm(fromSpine));
    }

    @DataProvider
    Object[][] different() {
        KeptTemplate felt = cover(232, 46, 6, 15, 31);
        return new Object[][] {
            {felt, cover(234, 46, 6, 15, 31), "Cover height"},
            {felt, cover(232, 47, 6, 15, 31), "Spine: "},
            {felt, cover(232, 46, 5, 15, 31), "Square at the head"},
            {felt, cover(232, 46, 6, 15, 32), "Row 2"},
            {felt, cover(232, 46, 6, 10, 20, 30), "Rows: it has 2, the plan has 3."},
            {folds(210, 20, 190), folds(211, 20, 190), "Height"},
            {folds(210, 20, 190), folds(210, 20, 105, 190), "Stations: it has 2, the plan has 3."},
            {felt, folds(220, 20, 110, 200), "It lies on a cover"},
            {folds(220, 20, 110, 200), felt, "It lies on folds only"},
            {side(hole(12, 12), hole(198, 12)), side(hole(12, 12), hole(198, 14)), "Hole 2 lies"},
            {side(hole(12, 12)), side(hole(12, 12), hole(198, 12)), "It has 1 holes through the side"},
        };
    }

    @Test(dataProvider = "different")
    public void theOneThingThatDiffersIsTold(KeptTemplate kept, KeptTemplate now, String words) {
        List<String> said = Comparison.of(kept, now).differences().stream()
                .map(phrase -> phrase.in(Unit.MM))
                .toList();
        assertEquals(said.size(), 1, said.toString());
        assertTrue(said.get(0).startsWith(words), said.toString());
    }

    @DataProvider
    Object[][] alike() {
        KeptTemplate felt = cover(232, 46, 6, 15, 31);
        return new Object[][] {
            {felt, felt},
            {felt, cover(232.2, 46, 6, 15, 31)},
            {side(hole(12, 12)), side(hole(12.1, 12.1))},
        };
    }

    @Test(dataProvider = "alike")
    public void lessThanAnAwlCanTellIsNotTold(KeptTemplate kept, KeptTemplate now) {
        assertEquals(Comparison.of(kept, now).differences(), List.of());
    }
}
