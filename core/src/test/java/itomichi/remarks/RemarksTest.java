package itomichi.remarks;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.finding.Remark;
import itomichi.material.Grain;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.spec.BookSpec;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RemarksTest {

    @Test
    public void aSoundPlanHasNothingToSayButItsCreep() {
        assertEquals(keys(Books.sound()), List.of("creep-seen"));
    }

    @Test
    public void aStopIsSaidBeforeACautionBeforeANote() {
        BookSpec spec = Books.sound()
                .withPages(30)
                .withPaper(Books.paper(120, Grain.ACROSS_FOLD))
                .withStations(Books.placed(2, 105, 190));
        var weights = Planner.plan(spec).remarks().stream()
                .map(Remark::weight)
                .distinct()
                .toList();
        assertEquals(weights, List.of(Remark.Weight.STOP, Remark.Weight.CAUTION, Remark.Weight.NOTE));
    }

    @DataProvider
    Object[][] troubled() {
        BookSpec sound = Books.sound();
        return new Object[][] {
            {sound.withPages(30), "blanks", Remark.Weight.NOTE},
            {sound.withPaper(Books.paper(120, Grain.ACROSS_FOLD)), "grain-across", Remark.Weight.CAUTION},
            {sound.withPaper(Books.paper(120, Grain.UNKNOWN)), "grain-unknown", Remark.Weight.NOTE},
            {sound.withPages(60), "fold-thick", Remark.Weight.NOTE},
            {sound.withPages(100), "fold-springs", Remark.Weight.CAUTION},
            {sound.withPages(4000), "fold-unsewable", Remark.Weight.STOP},
            {sound.withStations(Books.margins(5, 110)), "margins-too-wide", Remark.Weight.STOP},
            {sound.withStations(Books.placed(20, 105, 215)), "station-outside-fold-3", Remark.Weight.STOP},
            {sound.withStations(Books.placed(2, 105, 190)), "station-tears-out-1", Remark.Weight.STOP},
            {sound.withStations(Books.placed(20, 23, 190)), "station-tears-through-2", Remark.Weight.STOP},
            {sound.withStations(Books.placed(5, 105, 190)), "station-near-end-1", Remark.Weight.CAUTION},
            {sound.withThread(Books.sewing(1, 75, 0.3)), "needle-narrow", Remark.Weight.CAUTION},
            {sound.withThread(Books.sewing(1, 30, 1.1)), "tail-short", Remark.Weight.CAUTION},
        };
    }

    @Test(dataProvider = "troubled")
    public void troubleIsNamedByItsWeight(BookSpec spec, String key, Remark.Weight weight) {
        assertEquals(remark(spec, key).weight(), weight);
    }

    @Test(dataProvider = "troubled")
    public void theMendOfARemarkPutsItRight(BookSpec spec, String key, Remark.Weight weight) {
        remark(spec, key)
                .mend()
                .ifPresent(mend -> assertFalse(keys(mend.change()).contains(key), "mended " + key));
    }

    @Test(dataProvider = "troubled")
    public void troubleIsToldInInchesToABinderWhoMeasuresInInches(BookSpec spec, String key, Remark.Weight weight) {
        String words = remark(spec, key).words().in(Unit.INCH);
        assertFalse(words.matches("(?s).*\\d[\\s\u202f]?mm\\b.*"), words);
    }

    @Test
    public void fifteenSheetsOfNinetyAreNotSaidToSpring() {
        // about 15 sheets of 90 g/m2 in one fold: common practice, no source
        assertFalse(
                keys(Books.sound().withPaper(Books.paper(90, Grain.WITH_FOLD)).withPages(60))
                        .contains("fold-springs"));
    }

    @Test
    public void sixtySheetsOfNinetySpring() {
        // above 50 leaves a single signature springs open: common practice, no source
        assertTrue(keys(Books.sound()
                        .withPaper(Books.paper(90, Grain.WITH_FOLD))
                        .withPages(240))
                .stream()
                .anyMatch(key -> key.matches("fold-(springs|unsewable)")));
    }

    @Test
    public void threeStationsOnATallPageAreMendedByFive() {
        BookSpec tall = Books.sound()
                .withStations(Books.margins(3, 20))
                .withLeaf(new BookSpec.Leaf(Length.ofMm(210), Length.ofMm(297), true));
        assertEquals(
                remark(tall, "station-gapes-2")
                        .mend()
                        .orElseThrow()
                        .change()
                        .stations()
                        .count(),
                5);
    }

    private static Remark<BookSpec> remark(BookSpec spec, String key) {
        return Planner.plan(spec).remarks().stream()
                .filter(remark -> remark.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(key + " is not among " + keys(spec)));
    }

    private static List<String> keys(BookSpec spec) {
        return Planner.plan(spec).remarks().stream().map(Remark::key).toList();
    }
}
