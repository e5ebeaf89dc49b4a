package itomichi.server.drawer;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Unit;
import itomichi.spec.UnfitValueException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is typed of a thing, and how it is shown again. */
public class ColumnTest {

    private static Column column(Drawer drawer, String key) {
        return drawer.columns().stream()
                .filter(column -> column.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @DataProvider
    Object[][] typed() {
        return new Object[][] {
            {Drawer.PAPERS, "grammageGsm", "120", 120.0, "120 g/m²"},
            {Drawer.PAPERS, "grammageGsm", "24 lb bond", 90.2, "90.2"},
            {Drawer.PAPERS, "widthMm", "64 cm", 640.0, "640 mm"},
            {Drawer.PAPERS, "stackMm", "3.34", 3.34, "3.34 mm"},
            {Drawer.PAPERS, "have", " 48 ", 48.0, "48"},
            {Drawer.PAPERS, "price", "0,90", 0.9, "0.9"},
            {Drawer.NEEDLES, "eyeMm", "1.1 mm", 1.1, "1.10 mm"},
            {Drawer.THREADS, "leftM", "160.5", 160.5, "160.5"},
        };
    }

    @Test(dataProvider = "typed")
    public void numbersAreKeptInOneUnitAndShownWithIt(
            Drawer drawer, String key, String text, double kept, String shown) {
        Column column = column(drawer, key);
        Object value = column.read(text, Unit.MM);
        assertEquals((double) value, kept, 0.05);
        String mm = column.shown(value).mm().replace('\u202f', ' ');
        assertTrue(mm.startsWith(shown), mm);
    }

    @DataProvider
    Object[][] chosen() {
        return new Object[][] {
            {Drawer.PAPERS, "bulk", "book wove", "BOOK_WOVE"},
            {Drawer.PAPERS, "bulk", "BOOK_WOVE", "BOOK_WOVE"},
            {Drawer.PAPERS, "grain", "Along its height", "ALONG_HEIGHT"},
            {Drawer.THREADS, "fibre", "linen", "LINEN"},
            {Drawer.NEEDLES, "point", "curved", "CURVED"},
        };
    }

    @Test(dataProvider = "chosen")
    public void aChoiceIsTakenByItsWordsOrItsKey(Drawer drawer, String key, String text, String kept) {
        assertEquals(column(drawer, key).read(text, Unit.MM), kept);
    }

    @Test(dataProvider = "chosen")
    public void aChoiceIsShownAndWrittenInWords(Drawer drawer, String key, String text, String kept) {
        String words = column(drawer, key).written(kept);
        assertEquals(column(drawer, key).read(words, Unit.INCH), kept);
    }

    @Test(dataProvider = "typed")
    public void whatIsWrittenToAListIsReadFromItTheSame(
            Drawer drawer, String key, String text, double kept, String shown) {
        Column column = column(drawer, key);
        Object value = column.read(text, Unit.MM);
        assertEquals((double) column.read(column.written(value), Unit.MM), (double) value, 0.0001);
    }

    @Test
    public void aBareLengthIsInTheScreensUnit() {
        assertEquals(column(Drawer.PAPERS, "widthMm").read("25", Unit.INCH), 635.0);
    }

    @Test
    public void aLengthOutsideItsLimitsIsToldInTheScreensUnit() {
        String said = expectThrows(
                        UnfitValueException.class,
                        () -> column(Drawer.NEEDLES, "eyeMm").read("1 in", Unit.INCH))
                .getMessage()
                .replace('\u202f', ' ');
        assertEquals(said, "Width at the eye of 1.0000 in: from 0.0079 in to 0.2362 in is taken.");
    }

    @Test
    public void everyColumnOfADrawerIsItsOwn() {
        for (Drawer drawer : Drawer.values()) {
            List<String> keys = drawer.columns().stream().map(Column::key).toList();
            List<String> headings =
                    drawer.columns().stream().map(Column::heading).toList();
            assertEquals(new HashSet<>(keys).size(), keys.size(), drawer.words());
            assertEquals(new HashSet<>(headings).size(), headings.size(), drawer.words());
        }
    }

    @Test
    public void whatMustBeKnownIsAskedFor() {
        Arrays.stream(Drawer.values())
                .forEach(drawer -> drawer.columns().stream()
                        .filter(Column::required)
                        .findFirst()
                        .ifPresent(first -> assertEquals(
                                expectThrows(
                                                UnfitValueException.class,
                                                () -> Thing.read(drawer, Map.of(), Map.of(), Unit.MM))
                                        .field(),
                                first.key())));
    }

    @Test
    public void aBlankTakesAParticularAway() {
        Map<String, Object> before = Map.of("grammageGsm", 120.0, "bulk", "OFFICE", "note", "loft");
        assertEquals(
                Thing.read(Drawer.PAPERS, before, Map.of("note", " "), Unit.MM).keySet(),
                java.util.Set.of("grammageGsm", "bulk"));
    }
}
