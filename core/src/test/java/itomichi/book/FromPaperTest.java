package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.material.SheetGrain;
import itomichi.spec.BookSpec;
import itomichi.spec.UnfitValueException;
import java.util.List;
import org.testng.annotations.Test;

public class FromPaperTest {

    private static List<FromPaper> books(double widthMm, double heightMm, SheetGrain grain, int sheets) {
        return FromPaper.of(Books.from(Books.sound(), Books.stock(widthMm, heightMm, grain, sheets)));
    }

    private static FromPaper called(List<FromPaper> books, String name) {
        return books.stream()
                .filter(book -> book.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** ISO 216: each size is the one before it halved; an A2 with its grain along its width holds four A4 sheets, each one folded to A5. */
    @Test
    public void anA2SheetGivesFourSheetsOfAnA5Book() {
        FromPaper book = called(books(420, 594, SheetGrain.ALONG_WIDTH, 10), "A5");
        assertEquals(book.perSheet() + " " + book.pages(), "4 160");
    }

    /** ISO 216, the same: nothing is left over but what rounding to whole millimetres takes. */
    @Test
    public void nothingIsWastedOfStandardPaper() {
        assertTrue(called(books(420, 594, SheetGrain.ALONG_WIDTH, 10), "A5").waste() < 0.005);
    }

    /** Common practice, no source: a sheet halved twice is a quarto, of four leaves, eight pages. */
    @Test
    public void aQuartoHasEightPagesToASheet() {
        FromPaper quarto = called(books(500, 700, SheetGrain.UNKNOWN, 6), "The sheet halved 2 times");
        assertEquals(quarto.pages(), 6 * 8);
        assertEquals(
                quarto.spec().leaf().width().mm() + " × "
                        + quarto.spec().leaf().height().mm(),
                "250.0 × 350.0");
        assertEquals(quarto.waste(), 0.0, 1e-9);
    }

    /** The grain lies along the fold, or the book is not offered: along a sheet's height, folding it once lays it across. */
    @Test
    public void grainAcrossTheFoldIsNotOffered() {
        assertTrue(books(500, 700, SheetGrain.ALONG_HEIGHT, 6).stream()
                .noneMatch(book -> book.name().equals("The sheet folded once")));
        called(books(500, 700, SheetGrain.ALONG_WIDTH, 6), "The sheet folded once");
    }

    @Test
    public void noBookWantsMorePaperThanThereIs() {
        for (FromPaper book : books(500, 700, SheetGrain.ALONG_HEIGHT, 7)) {
            BookPlan plan = Planner.plan(book.spec());
            assertEquals(plan.papers().get(0).cutting().orElseThrow().shortOf(), 0, book.name());
        }
    }

    /** ISO 216: an A2 sheet is 420 mm × 594 mm; one Letter sheet out of it is half of it thrown away, and A4 leaves are larger. */
    @Test
    public void aWastefulSizeGivesWayToALargerOne() {
        assertTrue(books(420, 594, SheetGrain.UNKNOWN, 10).stream()
                .noneMatch(book -> book.name().equals("Letter")));
    }

    @Test
    public void theLargestComesFirst() {
        List<Double> areas = books(500, 700, SheetGrain.ALONG_HEIGHT, 7).stream()
                .map(FromPaper::spec)
                .map(BookSpec::leaf)
                .map(leaf -> -leaf.width().mm() * leaf.height().mm())
                .toList();
        assertTrue(areas.size() > 5, areas.toString());
        assertEquals(areas, areas.stream().sorted().toList());
    }

    @Test
    public void paperThatIsNotCountedIsAskedFor() {
        assertThrows(UnfitValueException.class, () -> FromPaper.of(Books.sound()));
    }
}
