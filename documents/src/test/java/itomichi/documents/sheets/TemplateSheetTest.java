package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.cover.CoverSize;
import itomichi.documents.SamplePlans;
import itomichi.documents.SampleSheets;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.spec.BookSpec;
import itomichi.station.Level;
import itomichi.station.RowScheme;
import itomichi.station.StationScheme;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is on each template, and which serve which book. */
public class TemplateSheetTest {

    private static final BookPlan FELT = SamplePlans.felt(6, 232, 46, new RowScheme.EqualGaps(), Unit.MM);

    @DataProvider
    Object[][] served() {
        EnumSet<TemplateKind> folds =
                EnumSet.of(TemplateKind.FOLDED_STRIP, TemplateKind.FLAT_STRIP, TemplateKind.PRICKING_CARD);
        return new Object[][] {
            {"pamphlet", 32, folds, Set.of()},
            {"long-stitch", 96, folds, EnumSet.of(TemplateKind.SPINE_GRID, TemplateKind.COVER, TemplateKind.COLLATION)},
            {"link-stitch", 96, folds, EnumSet.of(TemplateKind.SAWING_GUIDE, TemplateKind.COLLATION)},
            {"tapes", 96, folds, EnumSet.of(TemplateKind.SAWING_GUIDE, TemplateKind.COLLATION)},
            {"stab-hemp-leaf", 48, Set.of(), EnumSet.of(TemplateKind.STAB_STRIP)},
            {"glued-spine", 48, Set.of(), Set.of()},
        };
    }

    @Test(dataProvider = "served")
    public void aBookIsOfferedTheTemplatesThatServeIt(
            String structure, int pages, Set<TemplateKind> usual, Set<TemplateKind> besides) {
        EnumSet<TemplateKind> wanted = EnumSet.noneOf(TemplateKind.class);
        wanted.addAll(usual);
        wanted.addAll(besides);
        assertEquals(
                Set.copyOf(TemplateKind.of(SamplePlans.bound(structure, 210, pages, Unit.MM))), Set.copyOf(wanted));
    }

    @Test
    public void aTemplateThatServesNoSuchBookIsRefusedInOneLine() {
        TemplateSheet sheet = SampleSheets.of(FELT, TemplateKind.STAB_STRIP);
        IllegalArgumentException refused = expectThrows(IllegalArgumentException.class, sheet::pieces);
        assertTrue(refused.getMessage().contains("None of these templates serves Long stitch"), refused.getMessage());
    }

    @Test
    public void fromInsideTheGridIsTheMirrorOfItsOutside() {
        List<Shape.Circle> outside = circles(piece(FELT, TemplateKind.SPINE_GRID, false));
        List<Shape.Circle> inside = circles(piece(FELT, TemplateKind.SPINE_GRID, true));
        double width = piece(FELT, TemplateKind.SPINE_GRID, false).widthMm();
        assertEquals(
                inside.stream().map(hole -> at(hole.xMm(), hole.yMm())).sorted().toList(),
                outside.stream()
                        .map(hole -> at(width - hole.xMm(), hole.yMm()))
                        .sorted()
                        .toList());
    }

    @DataProvider
    Object[][] looks() {
        return new Object[][] {{false, "seen from OUTSIDE"}, {true, "seen from INSIDE"}};
    }

    @Test(dataProvider = "looks")
    public void theSideItIsSeenFromIsNamed(boolean inside, String words) {
        assertTrue(texts(piece(FELT, TemplateKind.SPINE_GRID, inside)).stream().anyMatch(text -> text.contains(words)));
    }

    @DataProvider
    Object[][] everyKind() {
        return new Object[][] {
            {FELT, TemplateKind.FOLDED_STRIP},
            {FELT, TemplateKind.FLAT_STRIP},
            {FELT, TemplateKind.SPINE_GRID},
            {FELT, TemplateKind.COVER},
            {FELT, TemplateKind.PRICKING_CARD},
            {FELT, TemplateKind.COLLATION},
            {SamplePlans.bound("tapes", 210, 96, Unit.INCH), TemplateKind.SAWING_GUIDE},
            {SamplePlans.bound("stab-corners", 210, 48, Unit.MM), TemplateKind.STAB_STRIP},
        };
    }

    @Test(dataProvider = "everyKind")
    public void everyTemplateSaysWhereItsHeadAndItsTailAre(BookPlan plan, TemplateKind kind) {
        assertTrue(texts(piece(plan, kind, false)).containsAll(List.of("HEAD", "TAIL")));
    }

    @Test(dataProvider = "everyKind")
    public void nothingOfATemplateIsDrawnOutsideIt(BookPlan plan, TemplateKind kind) {
        Piece piece = piece(plan, kind, false);
        for (Shape shape : piece.shapes()) {
            if (shape instanceof Shape.Line line) {
                for (double x : new double[] {line.x1Mm(), line.x2Mm()}) {
                    assertTrue(x >= -1e-9 && x <= piece.widthMm() + 1e-9, line.toString());
                }
                for (double y : new double[] {line.y1Mm(), line.y2Mm()}) {
                    assertTrue(y >= -1e-9 && y <= piece.heightMm() + 1e-9, line.toString());
                }
            }
        }
    }

    @Test(dataProvider = "everyKind")
    public void theOutlineIsCut(BookPlan plan, TemplateKind kind) {
        Piece piece = piece(plan, kind, false);
        double around = lines(piece, Pen.CUT).stream()
                .mapToDouble(line -> Math.hypot(line.x2Mm() - line.x1Mm(), line.y2Mm() - line.y1Mm()))
                .sum();
        assertEquals(around, 2 * (piece.widthMm() + piece.heightMm()), 1e-6);
    }

    @Test
    public void aFoldedStripIsFoldedAlongItsMiddle() {
        Piece strip = piece(FELT, TemplateKind.FOLDED_STRIP, false);
        Shape.Line fold = lines(strip, Pen.FOLD).get(0);
        assertEquals(fold.x1Mm(), strip.widthMm() / 2, 1e-9);
    }

    @Test
    public void theCoverIsAsLargeAsThePlanSays() {
        Piece cover = piece(FELT, TemplateKind.COVER, false);
        CoverSize size = FELT.coverSize().orElseThrow();
        assertEquals(
                at(cover.widthMm(), cover.heightMm()),
                at(size.width().mm(), size.height().mm()));
    }

    @Test
    public void theSquaresBringTheSignaturesLevelInTheCover() {
        Holes.InCover cover = FELT.foldHoles().flatMap(Holes.InFolds::cover).orElseThrow();
        Piece grid = piece(FELT, TemplateKind.SPINE_GRID, false);
        double first =
                circles(grid).stream().mapToDouble(Shape.Circle::yMm).min().orElseThrow();
        assertEquals(
                first - cover.head().mm(),
                FELT.foldHoles().orElseThrow().stations().at(1).mm(),
                0.001);
    }

    @Test
    public void theStairOfCollationMarksFallsFromColumnToColumn() {
        Piece marks = piece(FELT, TemplateKind.COLLATION, false);
        List<Shape.Line> uprights = lines(marks, Pen.NOTE).stream()
                .filter(line -> line.x1Mm() == line.x2Mm())
                .sorted(java.util.Comparator.comparingDouble(Shape.Line::x1Mm))
                .toList();
        for (int i = 1; i < uprights.size(); i++) {
            assertTrue(uprights.get(i).y1Mm() >= uprights.get(i - 1).y1Mm() - 1e-9);
        }
        assertEquals(uprights.size(), 12);
    }

    @Test
    public void aSawingGuideLapsRoundTheSpineOfTheBlock() {
        BookPlan tapes = SamplePlans.bound("tapes", 210, 96, Unit.MM);
        Piece guide = piece(tapes, TemplateKind.SAWING_GUIDE, false);
        List<Shape.Line> edges = lines(guide, Pen.FOLD);
        assertEquals(
                edges.get(1).x1Mm() - edges.get(0).x1Mm(),
                tapes.figure("spine").value().number(),
                0.01);
    }

    @Test
    public void aSignatureThatIsShorterIsMarkedOnTheStrip() {
        BookSpec spec = SamplePlans.bound("link-stitch", 210, 96, Unit.MM).spec();
        BookPlan plan = Planner.plan(spec.withHoles(spec.holes().withLevel(Level.TAIL))
                .withGathering(spec.gathering().withHeights(Map.of(2, Length.ofMm(150)))));
        assertTrue(texts(piece(plan, TemplateKind.FOLDED_STRIP, false)).contains("sig. 2 head"));
    }

    @Test
    public void aClassTakesACardForEachTable() {
        TemplateSheet sheet = new TemplateSheet(
                FELT,
                List.of(TemplateKind.PRICKING_CARD),
                false,
                6,
                false,
                LocalDate.of(2026, 11, 24),
                1,
                Optional.empty());
        assertEquals(sheet.pieces().size(), 6);
    }

    /** Strips 105 mm high beside a slip 114 mm wide, on a page of 190 × 271 mm: two under each other find room, whatever lies below. */
    @Test
    public void forABatchTheSheetHoldsItsTemplateAsOftenAsItHasRoom() {
        BookPlan cues = SamplePlans.pamphlet("Cues", 105, 3, Unit.MM);
        Drawing once = SampleSheets.of(cues, TemplateKind.FOLDED_STRIP).draw(PrintPaper.A4, PrinterCorrection.NONE);
        TemplateSheet full = new TemplateSheet(
                cues,
                List.of(TemplateKind.FOLDED_STRIP),
                false,
                1,
                true,
                LocalDate.of(2026, 11, 24),
                1,
                Optional.empty());
        Drawing often = full.draw(PrintPaper.A4, PrinterCorrection.NONE);
        assertEquals(often.pages().size(), once.pages().size());
        assertTrue(heads(often) >= 2 * heads(once), heads(often) + " of " + heads(once));
        assertEquals(heads(often) % heads(once), 0);
    }

    private static long heads(Drawing drawing) {
        return drawing.pages().stream()
                .flatMap(page -> page.shapes().stream())
                .filter(shape ->
                        shape instanceof Shape.Words words && words.text().equals("HEAD"))
                .count();
    }

    @Test
    public void withoutAnAddressThereIsNoCode() {
        TemplateSheet sheet = new TemplateSheet(
                FELT,
                List.of(TemplateKind.FLAT_STRIP),
                false,
                1,
                false,
                LocalDate.of(2026, 11, 24),
                1,
                Optional.empty());
        Drawing drawing = sheet.draw(PrintPaper.A4, PrinterCorrection.NONE);
        assertFalse(drawing.pages().get(0).shapes().stream().anyMatch(Shape.Block.class::isInstance));
    }

    @Test
    public void aStopStandsOnEveryPageAndOnTheDrawingForACuttingMachine() {
        BookPlan stopped = SamplePlans.of(
                "Tall",
                620,
                new StationScheme.Placed(List.of(Length.ofMm(1), Length.ofMm(300), Length.ofMm(600))),
                Unit.MM);
        TemplateSheet sheet = SampleSheets.of(stopped, TemplateKind.FOLDED_STRIP);
        Drawing drawing = sheet.draw(PrintPaper.LETTER, PrinterCorrection.NONE);
        assertTrue(drawing.pages().size() > 1);
        drawing.pages().forEach(page -> assertTrue(says(page, "STOP")));
        assertTrue(says(sheet.flat(), "STOP"));
    }

    @Test
    public void aSoundPlanSaysNothingOfTheSort() {
        assertFalse(says(SampleSheets.of(FELT, TemplateKind.SPINE_GRID).flat(), "STOP"));
    }

    @Test
    public void aCuttingMachineGetsItsTemplatesSideBySideUncorrected() {
        Drawing.Page page = SampleSheets.of(FELT, TemplateKind.FOLDED_STRIP, TemplateKind.SPINE_GRID)
                .flat();
        assertEquals(page.heightMm(), 232.0, 1e-9);
        assertEquals(page.widthMm(), 34 + 10 + 46 + 24, 1e-9);
    }

    @Test
    public void theUnitOfTheBookIsTheUnitOfItsTemplate() {
        BookPlan inches = SamplePlans.felt(6, 232, 46, new RowScheme.EqualGaps(), Unit.INCH);
        assertTrue(
                texts(piece(inches, TemplateKind.FOLDED_STRIP, false)).stream().anyMatch(text -> text.endsWith("in")));
    }

    private static Piece piece(BookPlan plan, TemplateKind kind, boolean inside) {
        return new TemplateSheet(plan, List.of(kind), inside, 1, false, LocalDate.of(2026, 11, 24), 1, Optional.empty())
                .pieces()
                .get(0);
    }

    private static boolean says(Drawing.Page page, String words) {
        return page.shapes().stream()
                .anyMatch(shape ->
                        shape instanceof Shape.Words said && said.text().contains(words));
    }

    private static List<String> texts(Piece piece) {
        return piece.shapes().stream()
                .filter(Shape.Words.class::isInstance)
                .map(shape -> ((Shape.Words) shape).text())
                .toList();
    }

    private static List<Shape.Line> lines(Piece piece, Pen pen) {
        return piece.shapes().stream()
                .filter(Shape.Line.class::isInstance)
                .map(Shape.Line.class::cast)
                .filter(line -> line.pen() == pen)
                .toList();
    }

    private static List<Shape.Circle> circles(Piece piece) {
        return piece.shapes().stream()
                .filter(Shape.Circle.class::isInstance)
                .map(Shape.Circle.class::cast)
                .toList();
    }

    private static String at(double x, double y) {
        return "%.3f / %.3f".formatted(x, y);
    }
}
