package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.documents.SamplePlans;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.documents.pdf.PdfWriter;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.spec.BookSpec;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

public class CuttingSheetTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);

    /** Eight sheets of 296 x 210 mm, four out of a stock sheet of 640 x 450 mm. */
    private static BookPlan plan(SheetGrain grain) {
        BookSpec spec = SamplePlans.pamphlet("Cues", 210, 5, Unit.MM).spec();
        Supply stock =
                new Supply(Length.ofMm(640), Length.ofMm(450), grain, Length.ZERO, Optional.of(1), Optional.empty());
        return Planner.plan(
                spec.withPapers(spec.papers().withMain(spec.papers().main().withSupply(Optional.of(stock)))));
    }

    private static Drawing draw(BookPlan plan) {
        return CuttingSheet.draw(plan, plan.papers().get(0), PrintPaper.A4, DAY, 3);
    }

    private static List<Shape.Line> lines(Pen pen) {
        return draw(plan(SheetGrain.ALONG_HEIGHT)).pages().get(0).shapes().stream()
                .filter(Shape.Line.class::isInstance)
                .map(Shape.Line.class::cast)
                .filter(line -> line.pen() == pen)
                .toList();
    }

    private static double length(Shape.Line line) {
        return Math.hypot(line.x2Mm() - line.x1Mm(), line.y2Mm() - line.y1Mm());
    }

    @Test
    public void everyPieceShowsItsFold() {
        assertEquals(lines(Pen.FOLD).size(), 4);
    }

    @Test
    public void aCutRightAcrossAndAFoldKeepTheirProportion() {
        // 640 mm right across beside a fold of 210 mm: a ratio no scale changes
        double across = lines(Pen.CUT).stream()
                .mapToDouble(CuttingSheetTest::length)
                .max()
                .orElseThrow();
        assertEquals(across / length(lines(Pen.FOLD).get(0)), 640.0 / 210, 1e-6);
    }

    @Test
    public void theGrainIsDrawnAlongTheFolds() {
        assertTrue(lines(Pen.GRAIN).stream().allMatch(line -> line.x1Mm() == line.x2Mm()));
    }

    @Test
    public void nothingIsDrawnOffThePaper() {
        for (Shape.Line line : lines(Pen.CUT)) {
            assertTrue(line.x1Mm() >= 0 && line.x2Mm() <= 210 && line.y1Mm() >= 0 && line.y2Mm() <= 297);
        }
    }

    @Test
    public void theStepsAndTheShortageArePrinted() {
        String words = draw(plan(SheetGrain.ALONG_HEIGHT)).pages().get(0).shapes().stream()
                .filter(Shape.Words.class::isInstance)
                .map(shape -> ((Shape.Words) shape).text())
                .reduce("", (all, line) -> all + " " + line)
                .replace('\u202f', ' ');
        assertTrue(words.contains("1. From the sheet, right across: 2 of 210 mm high"), words);
        assertTrue(words.contains("In the drawer: 1; short by 1"), words);
    }

    @Test
    public void theSamePlanGivesTheSameBytes() {
        assertEquals(
                PdfWriter.write(draw(plan(SheetGrain.ALONG_HEIGHT))),
                PdfWriter.write(draw(plan(SheetGrain.ALONG_HEIGHT))));
    }

    @Test
    public void paperThatComesCutToSizeHasNoCuttingPlan() {
        BookPlan plan = SamplePlans.pamphlet("Cues", 210, 5, Unit.MM);
        assertTrue(expectThrows(IllegalArgumentException.class, () -> draw(plan))
                .getMessage()
                .contains("Book wove"));
    }
}
