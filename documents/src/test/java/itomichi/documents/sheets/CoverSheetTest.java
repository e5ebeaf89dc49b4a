package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.cover.CoverPiece;
import itomichi.cover.CoverSize;
import itomichi.documents.SamplePlans;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.documents.dxf.DxfWriter;
import itomichi.documents.pdf.PdfWriter;
import itomichi.measure.Unit;
import itomichi.plan.CutList;
import itomichi.plan.Holes;
import itomichi.spec.Binding;
import itomichi.structure.Structures;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CoverSheetTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);

    private static BookPlan bound(String structure, Unit unit) {
        return Planner.plan(Binding.as(
                        SamplePlans.pamphlet("Log", 210, 5, unit).spec(),
                        Structures.keyed(structure).orElseThrow())
                .withPages(160));
    }

    @DataProvider
    Object[][] books() {
        return Stream.of(
                        "pamphlet",
                        "tapes",
                        "french-link",
                        "long-stitch",
                        "link-stitch",
                        "stab-four-hole",
                        "double-pamphlet")
                .filter(key -> Structures.keyed(key).isPresent())
                .flatMap(key -> Stream.of(Unit.values()).map(unit -> new Object[] {key, unit}))
                .toArray(Object[][]::new);
    }

    private static List<String> words(Drawing drawing) {
        return drawing.pages().stream()
                .flatMap(page -> page.shapes().stream())
                .filter(Shape.Words.class::isInstance)
                .map(shape -> ((Shape.Words) shape).text())
                .toList();
    }

    @Test(dataProvider = "books")
    public void theListShowsEveryPieceWithTheSizeOfThePlan(String structure, Unit unit) {
        BookPlan plan = bound(structure, unit);
        List<String> words = words(CoverSheet.list(plan, PrintPaper.A4, DAY, 2));
        for (CutList.Row row : CutList.of(plan.worked())) {
            assertTrue(
                    words.containsAll(List.of(
                            row.name(),
                            row.source(),
                            Integer.toString(row.count()),
                            row.width().in(unit),
                            row.height().in(unit))),
                    row + " is not in " + words);
        }
    }

    @Test(dataProvider = "books")
    public void nothingIsDrawnOffThePage(String structure, Unit unit) {
        for (Drawing.Page page : CoverSheet.list(bound(structure, unit), PrintPaper.LETTER, DAY, 2)
                .pages()) {
            for (Shape shape : page.shapes()) {
                if (shape instanceof Shape.Line line) {
                    assertTrue(
                            Math.min(line.x1Mm(), line.x2Mm()) >= 0
                                    && Math.max(line.x1Mm(), line.x2Mm()) <= page.widthMm()
                                    && Math.max(line.y1Mm(), line.y2Mm()) <= page.heightMm(),
                            line.toString());
                }
            }
        }
    }

    /** A letter is at the most 0.6 of its size wide, in any face that is shipped. */
    @Test(dataProvider = "books")
    public void noWordOfARowRunsIntoTheNextColumn(String structure, Unit unit) {
        Drawing.Page page = CoverSheet.list(bound(structure, unit), PrintPaper.A4, DAY, 2)
                .pages()
                .get(0);
        List<Shape.Words> words = page.shapes().stream()
                .filter(Shape.Words.class::isInstance)
                .map(Shape.Words.class::cast)
                .toList();
        for (Shape.Words one : words) {
            for (Shape.Words other : words) {
                if (one.yMm() == other.yMm() && other.xMm() > one.xMm()) {
                    assertTrue(
                            one.xMm() + one.text().length() * one.sizeMm() * 0.48 <= other.xMm(),
                            one.text() + " runs into " + other.text());
                }
            }
        }
    }

    private static CoverPiece cloth(BookPlan plan) {
        return plan.covering().work().pieces().stream()
                .filter(piece -> piece.key().equals("cloth"))
                .findFirst()
                .orElseThrow();
    }

    private static List<Shape.Line> lines(Drawing.Page page, Pen pen) {
        return page.shapes().stream()
                .filter(Shape.Line.class::isInstance)
                .map(Shape.Line.class::cast)
                .filter(line -> line.pen() == pen)
                .toList();
    }

    @Test
    public void aPieceIsDrawnAtTrueSize() {
        BookPlan plan = bound("tapes", Unit.MM);
        List<Shape.Line> cuts = lines(CoverSheet.piece(plan, "cloth").orElseThrow(), Pen.CUT);
        double left = cuts.stream().mapToDouble(Shape.Line::x1Mm).min().orElseThrow();
        double right = cuts.stream().mapToDouble(Shape.Line::x1Mm).max().orElseThrow();
        assertEquals(right - left, cloth(plan).wide().mm(), 1e-6);
    }

    @Test
    public void aPieceIsClosed() {
        List<Shape.Line> cuts =
                lines(CoverSheet.piece(bound("tapes", Unit.MM), "cloth").orElseThrow(), Pen.CUT);
        assertEquals(cuts.size(), 8);
        for (int i = 0; i < cuts.size(); i++) {
            Shape.Line next = cuts.get((i + 1) % cuts.size());
            assertEquals(
                    Math.hypot(cuts.get(i).x2Mm() - next.x1Mm(), cuts.get(i).y2Mm() - next.y1Mm()), 0, 1e-9);
        }
    }

    @Test
    public void turnInsAreScoredAndTheEdgeIsCut() {
        String dxf = DxfWriter.write(
                CoverSheet.piece(bound("tapes", Unit.MM), "cloth").orElseThrow());
        assertEquals(dxf.split("8\r\nCUT\r\n", -1).length - 1, 8);
        assertEquals(dxf.split("8\r\nSCORE\r\n", -1).length - 1, 4);
    }

    @Test
    public void aPieceThatTheCoverLacksIsNotDrawn() {
        assertTrue(CoverSheet.piece(bound("tapes", Unit.MM), "pleat").isEmpty());
    }

    @Test
    public void beforeTheBlockIsMeasuredTheListAsksForIt() {
        assertTrue(words(CoverSheet.list(bound("tapes", Unit.MM), PrintPaper.A4, DAY, 2)).stream()
                .anyMatch(line -> line.contains("Measure the sewn block before you cut.")));
    }

    @Test
    public void theSameListGivesTheSameBytes() {
        BookPlan plan = bound("tapes", Unit.MM);
        assertEquals(
                PdfWriter.write(CoverSheet.list(plan, PrintPaper.A4, DAY, 2)),
                PdfWriter.write(CoverSheet.list(plan, PrintPaper.A4, DAY, 2)));
    }

    /** With a flap at its left the spine is not in the middle; from inside everything changes sides. */
    @Test
    public void theTemplateOfAWrappedCoverHasItsSpineWhereTheFlapLeavesIt() {
        BookPlan sewn = bound("long-stitch", Unit.MM);
        BookPlan plan =
                Planner.plan(sewn.spec().withCovering(sewn.spec().covering().withKind("soft-flap")));
        CoverSize size = plan.coverSize().orElseThrow();
        assertEquals(spineLeft(plan, false), size.spineLeft().mm(), 1e-6);
        double spine =
                plan.foldHoles().orElseThrow().cover().orElseThrow().width().mm();
        assertEquals(spineLeft(plan, true), size.width().mm() - size.spineLeft().mm() - spine, 1e-6);
    }

    private static double spineLeft(BookPlan plan, boolean inside) {
        Holes.InFolds holes = plan.foldHoles().orElseThrow();
        Piece piece = new CoverPieces(plan, holes, holes.cover().orElseThrow(), inside).cover();
        return piece.shapes().stream()
                .filter(Shape.Line.class::isInstance)
                .map(Shape.Line.class::cast)
                .filter(line -> line.pen() == Pen.FOLD)
                .mapToDouble(Shape.Line::x1Mm)
                .min()
                .orElseThrow();
    }
}
