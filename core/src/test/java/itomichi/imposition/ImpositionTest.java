package itomichi.imposition;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.book.Books;
import itomichi.finding.Remark;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.Files;
import itomichi.spec.PrintWish.Fit;
import itomichi.spec.PrintWish.Margins;
import itomichi.spec.PrintWish.PrinterSheet;
import itomichi.spec.PrintWish.Sides;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** A text laid on the sheets of a book. */
public class ImpositionTest {

    /** What a rule sees. */
    private static final double RULE = 0.2;

    private static List<SourcePage> text(int pages, double widthMm, double heightMm) {
        return Collections.nCopies(pages, new SourcePage(Length.ofMm(widthMm), Length.ofMm(heightMm)));
    }

    private static List<SourcePage> a5(int pages) {
        return text(pages, 148, 210);
    }

    private static PrintWish wish() {
        return StartingWish.of(Books.sound());
    }

    private static PrinterSheet sheet(double widthMm, double heightMm) {
        return new PrinterSheet(Length.ofMm(widthMm), Length.ofMm(heightMm), Length.ofMm(4));
    }

    private static Imposition imposed(BookSpec book, List<SourcePage> text, PrintWish wish) {
        return Imposition.of(WorkedBook.of(book), text, wish);
    }

    private static String side(PrintedSide side) {
        List<String> pages = side.pages().stream()
                .sorted(Comparator.comparingDouble(page -> page.at().x()))
                .map(page -> "" + (page.page() + 1))
                .toList();
        return String.join("|", pages);
    }

    private static List<String> sides(Imposition imposed) {
        return imposed.groups().get(0).sheets().stream()
                .flatMap(sheet -> List.of(side(sheet.front()), side(sheet.back().orElseThrow())).stream())
                .toList();
    }

    /** The order of a booklet of 16 pages stapled through its fold, as handbooks of printing give it (from memory). */
    @Test
    public void sixteenPagesLieAsHandbooksGiveThem() {
        assertEquals(
                sides(imposed(Books.sound().withPages(16), a5(16), wish())),
                List.of("16|1", "2|15", "14|3", "4|13", "12|5", "6|11", "10|7", "8|9"));
    }

    /** The order of a booklet of 8 pages stapled through its fold, as handbooks of printing give it (from memory). */
    @Test
    public void eightPagesLieAsHandbooksGiveThem() {
        assertEquals(sides(imposed(Books.sound().withPages(8), a5(8), wish())), List.of("8|1", "2|7", "6|3", "4|5"));
    }

    /** Every printer that lays sheets out anyhow is met by one of the four ways of turning. */
    @Test
    public void aPrinterThatTurnsOtherwiseThanIsSaidPutsBacksOnTheirHeads() {
        Imposition imposed = imposed(Books.sound().withPages(16), a5(16), wish());
        HandPrinter printer = new HandPrinter(true, true);
        List<HandPrinter.Sheet> printed =
                PrintedBook.printed(PrintFile.of(imposed, wish(), new Turning(true, false)), printer);
        assertTrue(printed.stream().noneMatch(HandPrinter.Sheet::upright));
    }

    /** A sheet that stands upright is turned over its long edge as a leaf is; one that lies is not. */
    @Test
    public void aPrinterThatTurnsByItselfPutsBacksUpright() {
        PrintWish lying = wish().withSides(Sides.SHORT_EDGE);
        PrintFile a4 = PrintFile.of(imposed(Books.sound().withPages(8), a5(8), lying), lying, Turning.STRAIGHT)
                .get(0);
        assertTrue(a4.pages().stream().noneMatch(PrintFile.PrintPage::upsideDown));
        PrintWish upright = lying.withSheet(sheet(297, 420)).withSides(Sides.LONG_EDGE);
        PrintFile a3 = PrintFile.of(imposed(Books.sound().withPages(8), a5(8), upright), upright, Turning.STRAIGHT)
                .get(0);
        assertEquals(a3.pages().get(0).side().width(), 297.0);
        assertTrue(a3.pages().stream().noneMatch(PrintFile.PrintPage::upsideDown));
    }

    @Test
    public void noMoreAreTurnedAtOnceThanTheStackMayHold() {
        PrintWish wish = wish().withTogether(3);
        List<PrintFile> files =
                PrintFile.of(imposed(Books.sound().withPages(32), a5(32), wish), wish, Turning.STRAIGHT);
        assertEquals(files.stream().map(file -> file.pages().size()).toList(), List.of(3, 3, 3, 3, 2, 2));
        assertEquals(files.get(1).name(), "Text, stack 1 of 3, backs");
    }

    /** Two sheets of an A6 book on A4: the stack is cut through, and the second pile goes on where the first ends. */
    @Test
    public void pilesOfACutStackFollowEachOther() {
        BookSpec book =
                Books.sound().withPages(32).withLeaf(new BookSpec.Leaf(Length.ofMm(105), Length.ofMm(148), false));
        List<PrintedSheet> sheets =
                imposed(book, text(32, 105, 148), wish()).groups().get(0).sheets();
        List<Integer> piles = new ArrayList<>();
        for (int pile = 0; pile < 2; pile++) {
            int at = pile;
            sheets.forEach(sheet -> piles.add(sheet.holds().get(at).number()));
        }
        assertEquals(piles, List.of(1, 2, 3, 4, 5, 6, 7, 8));
    }

    /** Margins of a page that just fills them: at the fold, mirrored from a right-hand page to a left-hand one. */
    @Test
    public void marginsAreWhereTheyBelong() {
        PrintWish wish = wish().withFit(Fit.MARGINS)
                .withMargins(new Margins(Length.ofMm(20), Length.ofMm(15), Length.ofMm(28), Length.ofMm(35)));
        PrintedSide outer = imposed(Books.sound().withPages(8), text(8, 50, 80), wish)
                .groups()
                .get(0)
                .sheets()
                .get(0)
                .front();
        double fold = 297 / 2.0;
        for (Placed page : outer.pages()) {
            boolean right = page.at().x() > fold - 1;
            double fromFold = right ? page.at().x() - fold : fold - page.at().right();
            double foreEdge = 148 - page.at().width() - fromFold;
            assertEquals(fromFold, 20, RULE);
            assertEquals(foreEdge, 28, RULE);
            assertEquals(page.at().y(), 15, RULE);
            assertEquals(210 - page.at().bottom(), 35, RULE);
        }
    }

    /** A quarter circle round the sheets outside it: pi / 2 times their thickness (geometry). */
    @Test
    public void innerSheetsAreMovedByTheirCreep() {
        BookSpec book = Books.sound().withPages(32);
        double thickness = WorkedBook.of(book)
                .gathered()
                .folded()
                .orElseThrow()
                .thickest()
                .sheets()
                .get(0)
                .thickness()
                .mm();
        Imposition imposed = imposed(book, a5(32), wish().withCreepPercent(100));
        double outermost = fold(imposed, 0);
        for (int k = 0; k < 8; k++) {
            assertEquals(outermost - fold(imposed, k), Math.PI / 2 * k * thickness, 0.001);
            assertEquals(imposed.creeps().get(k).taken().mm(), Math.PI / 2 * k * thickness, 0.001);
        }
    }

    /** Where the right-hand page of a sheet's outer side begins. */
    private static double fold(Imposition imposed, int sheet) {
        return imposed.groups().get(0).sheets().get(sheet).front().pages().stream()
                .mapToDouble(page -> page.at().x())
                .max()
                .orElseThrow();
    }

    @Test
    public void nothingIsMovedOverTheMarginAtTheFold() {
        PrintWish narrow = wish().withCreepPercent(100).withMargins(Margins.all(Length.ofMm(0.4)));
        Imposition imposed = imposed(Books.sound().withPages(64), a5(64), narrow);
        assertEquals(fold(imposed, 0) - fold(imposed, 15), 0.4, 0.001);
    }

    @Test
    public void halfTheCreepMovesHalfAsFar() {
        BookSpec book = Books.sound().withPages(32);
        double all = fold(imposed(book, a5(32), wish().withCreepPercent(100)), 7);
        double half = fold(imposed(book, a5(32), wish().withCreepPercent(50)), 7);
        double none = fold(imposed(book, a5(32), wish().withCreepPercent(0)), 7);
        assertEquals(none - half, half - all, 0.001);
    }

    private static List<Mark.Line> lines(PrintedSide side, Mark.Kind kind) {
        return side.marks().stream()
                .flatMap(mark -> mark.match(line -> Optional.of(line), words -> Optional.<Mark.Line>empty()).stream())
                .filter(line -> line.kind() == kind)
                .toList();
    }

    /** The ticks stand where the template has its holes, on the fold, in the middle of the signature and nowhere else. */
    @Test
    public void ticksStandOnTheFoldWhereTheHolesAre() {
        BookSpec book = Books.sound().withPages(16);
        List<PrintedSheet> sheets = imposed(book, a5(16), wish().withSheet(sheet(320, 230)))
                .groups()
                .get(0)
                .sheets();
        PrintedSide middle = sheets.get(sheets.size() - 1).back().orElseThrow();
        double head = middle.pages().get(0).at().y();
        List<Double> ticks = lines(middle, Mark.Kind.STATION).stream()
                .map(tick -> tick.y1() - head)
                .toList();
        List<Length> holes = WorkedBook.of(book)
                .holes()
                .orElseThrow()
                .inFolds()
                .orElseThrow()
                .stations()
                .fromHead();
        assertEquals(ticks.size() % holes.size(), 0);
        for (int i = 0; i < holes.size(); i++) {
            assertEquals(ticks.get(i), holes.get(i).mm(), 0.001);
        }
        assertTrue(lines(sheets.get(0).front(), Mark.Kind.STATION).isEmpty());
    }

    /** Down the backs of the signatures the bars make steps: each begins where the one before ends. */
    @Test
    public void barsStepDownTheBacks() {
        List<Double> from = new ArrayList<>();
        List<Double> to = new ArrayList<>();
        PrintWish wish = wish().withSheet(sheet(320, 450)).withFiles(Files.EACH_SIGNATURE);
        for (PrintGroup group : imposed(Books.linked(96), a5(96), wish).groups()) {
            for (PrintedSheet sheet : group.sheets()) {
                lines(sheet.front(), Mark.Kind.COLLATION).forEach(bar -> {
                    double head = sheet.front().pages().get(0).at().y();
                    from.add(bar.y1() - head);
                    to.add(bar.y2() - head);
                });
            }
        }
        assertTrue(from.size() > 2, from.toString());
        for (int i = 1; i < from.size(); i++) {
            assertEquals(from.get(i), to.get(i - 1), 0.001);
        }
    }

    @Test
    public void marksThatAreNotWantedAreNotPrinted() {
        PrintWish bare = wish().withSheet(sheet(320, 450)).withMarks(java.util.Set.of());
        imposed(Books.sound(), a5(32), bare)
                .groups()
                .get(0)
                .sheets()
                .forEach(sheet -> assertEquals(sheet.front().marks(), List.of()));
    }

    /** Crop marks never touch what is cut out, and lie on the paper. */
    @Test
    public void cropMarksStandInTheWaste() {
        PrintWish wish = wish().withSheet(sheet(320, 450));
        PrintedSide side = imposed(Books.sound(), a5(32), wish)
                .groups()
                .get(0)
                .sheets()
                .get(0)
                .front();
        Box cutOut = new Box(12, 15, 296, 420);
        List<Mark.Line> crop = lines(side, Mark.Kind.CROP);
        assertEquals(crop.size(), 10);
        for (Mark.Line line : crop) {
            Box mark = new Box(
                    Math.min(line.x1(), line.x2()),
                    Math.min(line.y1(), line.y2()),
                    Math.abs(line.x2() - line.x1()),
                    Math.abs(line.y2() - line.y1()));
            assertTrue(mark.beyond(cutOut) > 0, line + " lies on a sheet");
            assertTrue(mark.beyond(new Box(4, 4, 312, 442)) <= 0, line + " lies where nothing is printed");
        }
    }

    /** Sheets of two papers come in two files, each of one paper. */
    @Test
    public void eachPaperHasItsFile() {
        BookSpec book = Books.sound()
                .withPages(12)
                .withPapers(Books.twoPapers())
                .withGathering(GatherWish.PLAIN.withRecipes(List.of(List.of(
                        new GatherWish.RecipeSheet(1, Optional.empty(), Optional.empty()),
                        new GatherWish.RecipeSheet(0, Optional.empty(), Optional.empty()),
                        new GatherWish.RecipeSheet(0, Optional.empty(), Optional.empty())))));
        List<PrintGroup> groups =
                imposed(book, a5(12), wish().withFiles(Files.EACH_PAPER)).groups();
        assertEquals(groups.stream().map(group -> group.sheets().size()).toList(), List.of(1, 2));
    }

    /** The canon of ninths on a page of 2 : 3 has its margins as 2 : 3 : 4 : 6 (geometry). */
    @Test
    public void ninthsOfAPageOfTwoToThreeAreTwoToThreeToFourToSix() {
        Margins ninths = Canon.NINTHS.margins(Length.ofMm(180), Length.ofMm(270));
        assertEquals(
                List.of(ninths.fold(), ninths.head(), ninths.foreEdge(), ninths.tail()),
                IntStream.of(20, 30, 40, 60).mapToObj(Length::ofMm).toList());
    }

    private static List<String> keys(Imposition imposed) {
        return imposed.remarks().stream().map(Remark::key).toList();
    }

    @Test
    public void aTextThatIsTooLongIsToldAndMended() {
        Imposition imposed = imposed(Books.sound(), a5(41), wish());
        Remark<BookSpec> remark = imposed.remarks().get(0);
        assertEquals(
                remark.words().in(Unit.MM),
                "The text has 41 pages, the book has room for 32: the last 9 would not be printed.");
        BookSpec longer = remark.mend().orElseThrow().change();
        assertTrue(!keys(imposed(longer, a5(41), wish())).contains("text-longer"));
    }

    /** No book is as long as that: it is told, and nothing is offered that would be refused. */
    @Test
    public void aTextThatNoBookHoldsIsToldWithoutAMend() {
        Remark<BookSpec> remark =
                imposed(Books.sound(), a5(4001), wish()).remarks().get(0);
        assertEquals(remark.key(), "text-longer");
        assertTrue(remark.mend().isEmpty());
    }

    /** What is moved for creep within its own margin is not cut off. */
    @Test
    public void creepIsNotCalledCutOff() {
        PrintWish wish = wish().withCreepPercent(100).withBleed(Length.ZERO).withSheet(sheet(320, 450));
        assertEquals(keys(imposed(Books.sound().withPages(64), a5(64), wish)), List.of());
    }

    @Test
    public void pagesOfTwoSizesAreTold() {
        List<SourcePage> mixed = new ArrayList<>(a5(30));
        mixed.addAll(text(2, 210, 297));
        assertTrue(keys(imposed(Books.sound(), mixed, wish())).containsAll(List.of("text-sizes", "text-cut-off")));
    }

    @Test
    public void aTextThatFitsIsNotRemarkedOn() {
        PrintWish wish = wish().withSheet(sheet(320, 450));
        assertEquals(keys(imposed(Books.sound(), a5(32), wish)), List.of());
    }

    /** Two leaves of 200 by 280 mm beside each other do not go on A4, and go on A3. */
    @Test
    public void aLargeBookBeginsWithALargerSheet() {
        BookSpec large = Books.sound().withLeaf(new BookSpec.Leaf(Length.ofMm(200), Length.ofMm(280), false));
        assertEquals(StartingWish.of(large).sheet().height(), Length.ofMm(420));
        assertEquals(wish().sheet().height(), Length.ofMm(297));
    }

    @Test
    public void aPrinterSheetThatIsTooSmallIsRefusedInOneLine() {
        UnfitValueException refused = org.testng.Assert.expectThrows(
                UnfitValueException.class, () -> imposed(Books.sound(), a5(32), wish().withSheet(sheet(200, 280))));
        assertEquals(
                refused.getMessage(),
                "A sheet of the book, opened out, is 296\u202fmm by 210\u202fmm; the printer\u2019s sheet of 200\u202fmm by 280\u202fmm does not take it.");
    }

    @Test
    public void marginsThatLeaveNothingAreRefused() {
        PrintWish wide = wish().withFit(Fit.MARGINS).withMargins(Margins.all(Length.ofMm(80)));
        assertThrows(UnfitValueException.class, () -> imposed(Books.sound(), a5(32), wide));
    }

    /** A reader sees pages 2 and 3 together; the first stands alone on the right. */
    @Test
    public void theProofReadsAsTheBookOpens() {
        List<PrintedSide> proof =
                imposed(Books.sound().withPages(8), a5(8), wish()).proof();
        assertEquals(proof.stream().map(ImpositionTest::side).toList(), List.of("1", "2|3", "4|5", "6|7", "8"));
    }
}
