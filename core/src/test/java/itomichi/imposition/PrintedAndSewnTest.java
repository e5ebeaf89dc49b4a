package itomichi.imposition;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import itomichi.book.Books;
import itomichi.cutting.CutWish;
import itomichi.cutting.Cutter;
import itomichi.cutting.CuttingPlan;
import itomichi.cutting.Demand;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.GatherWish.RecipeSheet;
import itomichi.spec.PageWish;
import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.Files;
import itomichi.spec.PrintWish.Fit;
import itomichi.spec.PrintWish.Margins;
import itomichi.spec.PrintWish.PrinterSheet;
import itomichi.spec.UnfitValueException;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A text printed, cut, folded, nested and stacked. */
public class PrintedAndSewnTest {

    private static PrintWish wish() {
        return StartingWish.of(Books.sound());
    }

    private static PrinterSheet sheet(double widthMm, double heightMm) {
        return new PrinterSheet(Length.ofMm(widthMm), Length.ofMm(heightMm), Length.ofMm(4));
    }

    private static List<SourcePage> a5(int pages) {
        return Collections.nCopies(pages, new SourcePage(Length.ofMm(148), Length.ofMm(210)));
    }

    private static Imposition imposed(BookSpec book, List<SourcePage> text, PrintWish wish) {
        return Imposition.of(WorkedBook.of(book), text, wish);
    }

    @DataProvider
    Object[][] seeds() {
        return IntStream.range(0, 150).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    private static BookSpec book(Random dice) {
        List<String> structures =
                List.of("pamphlet", "link-stitch", "tapes", "long-stitch", "stab-four-hole", "double-pamphlet");
        BookSpec book = Books.bound(structures.get(dice.nextInt(structures.size())))
                .withPages(4 + dice.nextInt(150))
                .withLeaf(new BookSpec.Leaf(
                        Length.ofMm(60 + dice.nextInt(90)), Length.ofMm(80 + dice.nextInt(130)), dice.nextBoolean()));
        if (dice.nextInt(3) == 0) {
            book = book.withPageWish(PageWish.PLAIN.withDoubled(book.structure().startsWith("stab")));
        }
        return book.withPageWish(book.pageWish().withBlanks(PageWish.BlankPlace.values()[dice.nextInt(3)]));
    }

    private static PrintWish wish(Random dice) {
        List<PrinterSheet> sheets = List.of(sheet(210, 297), sheet(297, 420), sheet(215.9, 279.4), sheet(320, 450));
        return wish().withFit(Fit.values()[dice.nextInt(3)])
                .withMargins(new Margins(Length.ofMm(9), Length.ofMm(8), Length.ofMm(12), Length.ofMm(14)))
                .withCreepPercent(dice.nextInt(101))
                .withSheet(sheets.get(1 + dice.nextInt(3)))
                .withFiles(Files.values()[dice.nextInt(3)])
                .withTogether(1 + dice.nextInt(30));
    }

    /**
     * Printed in two runs by a printer that gives its sheets back anyhow, cut, folded, nested and stacked, it reads 1 to N, upright, none
     * twice.
     */
    @Test(dataProvider = "seeds")
    public void printedByHandAndSewnItReadsInOrder(int seed) {
        Random dice = new Random(seed);
        BookSpec book = book(dice);
        int pages = book.pages();
        PrintWish wish = wish(dice);
        HandPrinter printer = new HandPrinter(dice.nextBoolean(), dice.nextBoolean());
        Imposition imposed;
        try {
            imposed = imposed(book, a5(pages), wish);
        } catch (UnfitValueException tooLarge) {
            assertEquals(tooLarge.field(), "sheet");
            return;
        }
        List<PrintFile> files = PrintFile.of(imposed, wish, new Turning(printer.lastFirst(), printer.headFirst()));
        assertEquals(
                PrintedBook.read(PrintedBook.printed(files, printer), PrintedBook.told(imposed)),
                IntStream.range(0, pages).boxed().toList(),
                book.structure() + ", " + wish);
    }

    @DataProvider
    Object[][] foldedOut() {
        return IntStream.range(0, 40).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** In each signature a leaf that is folded out, at any place, before or after the fold. */
    private static BookSpec withFoldOuts(Random dice) {
        int width = 55 + dice.nextInt(15);
        Optional<Length> wide = Optional.of(Length.ofMm(2 * width - 6 - dice.nextInt(8)));
        int place = dice.nextInt(3);
        boolean first = dice.nextBoolean();
        List<RecipeSheet> recipe = IntStream.range(0, 3)
                .mapToObj(k -> new RecipeSheet(
                        0,
                        k == place && first ? wide : Optional.empty(),
                        k == place && !first ? wide : Optional.empty()))
                .toList();
        return Books.linked(12 * (1 + dice.nextInt(6)))
                .withLeaf(new BookSpec.Leaf(Length.ofMm(width), Length.ofMm(155 + dice.nextInt(40)), false))
                .withGathering(GatherWish.PLAIN.withRecipes(List.of(recipe)));
    }

    /** Sheets that the printer's usual sheet does not take go on a larger one, in files of their own, and the book reads in order. */
    @Test(dataProvider = "foldedOut")
    public void foldOutsGoOnALargerSheet(int seed) {
        Random dice = new Random(seed);
        BookSpec book = withFoldOuts(dice);
        PrintWish wish = wish(dice).withSheet(sheet(148, 210)).withFit(Fit.MARGINS);
        assertThrows(UnfitValueException.class, () -> imposed(book, a5(book.pages()), wish));
        PrintWish two = wish.withLarger(Optional.of(sheet(210, 297)));
        Imposition imposed = imposed(book, a5(book.pages()), two);
        HandPrinter printer = new HandPrinter(dice.nextBoolean(), dice.nextBoolean());
        List<PrintFile> files = PrintFile.of(imposed, two, new Turning(printer.lastFirst(), printer.headFirst()));
        for (PrintFile file : files) {
            assertEquals(
                    file.pages().stream()
                            .map(page ->
                                    Math.min(page.side().width(), page.side().height()))
                            .distinct()
                            .toList(),
                    List.of(file.name().contains("larger sheets") ? 210.0 : 148.0),
                    file.name());
        }
        assertEquals(
                PrintedBook.read(PrintedBook.printed(files, printer), PrintedBook.told(imposed)),
                IntStream.range(0, book.pages()).boxed().toList());
    }

    /** The cutting plan of stock, worked out apart from it, gets no more out of a sheet with all of them lying the same way. */
    @Test(dataProvider = "foldedOut")
    public void asManyGoOnAPrinterSheetAsItsCuttingPlanGives(int seed) {
        Random dice = new Random(seed);
        Length width = Length.ofMm(40 + dice.nextInt(260));
        Length height = Length.ofMm(40 + dice.nextInt(260));
        PrinterSheet printer = sheet(200 + dice.nextInt(250), 200 + dice.nextInt(250));
        CuttingPlan.PerSheet plan = Cutter.plan(
                        new Supply(
                                printer.width(),
                                printer.height(),
                                SheetGrain.ALONG_HEIGHT,
                                Length.ZERO,
                                Optional.empty(),
                                Optional.empty()),
                        List.of(new Demand(width, height, 1)),
                        CutWish.USUAL)
                .perSheet();
        assertEquals(
                (int) PrinterGrid.of(printer, width.mm(), height.mm(), 0)
                        .map(grid -> grid.cells().size())
                        .orElse(0),
                Math.max(plan.right(), plan.wrong()));
    }
}
