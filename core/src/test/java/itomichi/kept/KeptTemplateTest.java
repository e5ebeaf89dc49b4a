package itomichi.kept;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.Stations;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class KeptTemplateTest {

    private static final KeptTemplate FELT = new KeptTemplate(
            "long-stitch",
            Length.ofMm(220),
            new Stations(List.of(Length.ofMm(22), Length.ofMm(110), Length.ofMm(198))),
            Optional.of(new KeptTemplate.OfCover(
                    Length.ofMm(232), Length.ofMm(46), Length.ofMm(6), List.of(Length.ofMm(15), Length.ofMm(31)))),
            List.of());

    @DataProvider
    Object[][] atHand() {
        return new Object[][] {
            // height, whether of a cover, spine, within, fits
            {232.0, true, 46.0, 2.0, true},
            {233.9, true, 44.1, 2.0, true},
            {234.1, true, 46.0, 2.0, false},
            {232.0, true, 48.5, 2.0, false},
            {220.0, false, 46.0, 2.0, true},
            {232.0, false, 46.0, 2.0, false},
        };
    }

    @Test(dataProvider = "atHand")
    public void itIsFoundForWhatHasItsSize(
            double heightMm, boolean cover, double spineMm, double withinMm, boolean fits) {
        assertEquals(
                FELT.fits(Length.ofMm(heightMm), cover, Optional.of(Length.ofMm(spineMm)), Length.ofMm(withinMm)),
                fits);
    }

    @Test
    public void withoutASpineTheHeightDecides() {
        assertTrue(FELT.fits(Length.ofMm(231), true, Optional.empty(), Length.ofMm(2)));
    }

    @Test
    public void theSameTemplateDoesNotDiffer() {
        assertEquals(Comparison.of(FELT, FELT).differences(), List.of());
    }

    @Test
    public void aMovedStationIsToldWithBothPlaces() {
        KeptTemplate moved = new KeptTemplate(
                FELT.structure(),
                FELT.height(),
                new Stations(List.of(Length.ofMm(22), Length.ofMm(112), Length.ofMm(198))),
                FELT.cover(),
                List.of());
        assertEquals(
                Comparison.of(FELT, moved).differences().get(0).in(Unit.MM).replace('\u202f', ' '),
                "Station 2: 110 mm on the template, 112 mm in the plan.");
    }

    @Test
    public void whatAPunchCannotTellIsTheSame() {
        KeptTemplate near =
                new KeptTemplate(FELT.structure(), Length.ofMm(220.2), FELT.stations(), FELT.cover(), List.of());
        assertEquals(Comparison.of(FELT, near).differences(), List.of());
    }

    @Test
    public void aTemplateForASideDoesNotServeFolds() {
        KeptTemplate side = new KeptTemplate(
                "stab-running",
                Length.ofMm(220),
                FELT.stations(),
                Optional.empty(),
                List.of(new SideHole(Role.MAIN, Length.ofMm(20), Length.ofMm(12))));
        expectThrows(IllegalArgumentException.class, () -> side.onto(itomichi.book.Books.sound()));
    }

    @Test
    public void itIsAppliedHoleByHole() {
        assertEquals(FELT.onto(itomichi.book.Books.sound()).stations().along(Length.ofMm(220)), FELT.stations());
    }
}
