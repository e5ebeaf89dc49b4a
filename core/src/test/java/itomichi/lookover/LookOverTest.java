package itomichi.lookover;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.finding.Stage;
import itomichi.lookover.Check.Measure;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.spec.BookSpec;
import itomichi.structure.Structures;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is looked at on a book. Common practice, no source. */
public class LookOverTest {

    private static List<Check> checks(BookSpec spec) {
        return LookOver.of(Planner.plan(spec));
    }

    private static boolean has(BookSpec spec, String key) {
        return LookOver.keyed(checks(spec), key).isPresent();
    }

    private static Measure measure(BookSpec spec, String key) {
        return LookOver.keyed(checks(spec), key).flatMap(Check::measure).orElseThrow();
    }

    @DataProvider
    Object[][] structures() {
        return Structures.all().stream()
                .map(structure -> new Object[] {structure.key()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "structures")
    public void everythingThatFailsSaysWhatHelpsAndWhatItCosts(String structure) {
        Set<String> keys = new HashSet<>();
        for (Check check : checks(Books.bound(structure))) {
            assertTrue(keys.add(check.key()), check.key() + " twice");
            assertTrue(check.look().in(Unit.MM).endsWith("."), check.look().in(Unit.MM));
            assertTrue(check.mend().in(Unit.MM).endsWith("."), check.mend().in(Unit.MM));
            assertTrue(check.later().in(Unit.MM).endsWith("."), check.later().in(Unit.MM));
        }
    }

    @Test(dataProvider = "structures")
    public void whatIsLookedAtComesInTheOrderOfTheWork(String structure) {
        Stage before = Stage.PURPOSE;
        for (Check check : checks(Books.bound(structure))) {
            assertTrue(before.compareTo(check.stage()) <= 0, check.key() + " after " + before);
            before = check.stage();
        }
    }

    @Test(dataProvider = "structures")
    public void aBookThatComesOutAsPlannedIsGood(String structure) {
        for (Check check : checks(Books.bound(structure))) {
            check.measure().ifPresent(measure -> assertTrue(measure.good(measure.planned()), check.key()));
        }
    }

    @Test
    public void kettlesAreLookedAtWhereThereAreKettles() {
        assertTrue(has(Books.bound("tapes"), "kettles"));
        assertFalse(has(Books.sound(), "kettles"));
    }

    @Test
    public void tapesAreLookedAtWhereTheBookIsSewnOnThem() {
        assertTrue(has(Books.bound("tapes"), "tapes"));
        assertFalse(has(Books.bound("link-stitch"), "tapes"));
    }

    @Test
    public void theSewnSpineIsHeldAgainstThePlan() {
        BookSpec book = Books.bound("tapes");
        double planned =
                Planner.plan(book).covering().base().block().spine().planned().mm();
        assertEquals(measure(book, "swell").planned().mm(), planned, 1e-9);
    }

    @Test
    public void aBlockAThirdTooThickIsNotGood() {
        Measure swell = measure(Books.bound("tapes"), "swell");
        assertFalse(swell.good(swell.planned().times(1.34)));
    }

    @Test
    public void aSheetAMillimetreTooHighIsNotGood() {
        Measure sheet = measure(Books.sound(), "sheet-height");
        assertEquals(sheet.planned().mm(), 210, 1e-9);
        assertFalse(sheet.good(Length.ofMm(211)));
        assertTrue(sheet.good(Length.ofMm(210.4)));
    }

    @Test
    public void nothingIsGoodThatMeasuresLessThanNothing() {
        assertEquals(
                Measure.about(Length.ofMm(0.2), Length.ofMm(0.5), Fineness.CUT).low(), Length.ZERO);
    }
}
