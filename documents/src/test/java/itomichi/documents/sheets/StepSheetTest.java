package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.documents.SamplePlans;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Unit;
import itomichi.steps.StepLines;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StepSheetTest {

    private static Drawing draw(BookPlan plan) {
        return StepSheet.draw(plan, PrintPaper.A4, LocalDate.of(2026, 11, 26), 3);
    }

    private static Stream<Shape> shapes(Drawing drawing) {
        return drawing.pages().stream().flatMap(page -> page.shapes().stream()).flatMap(Shape::plain);
    }

    private static List<Shape.Words> words(Drawing drawing) {
        return shapes(drawing)
                .filter(Shape.Words.class::isInstance)
                .map(Shape.Words.class::cast)
                .toList();
    }

    private static String text(Drawing drawing) {
        return words(drawing).stream().map(Shape.Words::text).collect(Collectors.joining("\n"));
    }

    @DataProvider
    Object[][] books() {
        return new Object[][] {
            {SamplePlans.bound("pamphlet", 210, 32, Unit.MM)},
            {SamplePlans.bound("corded-pamphlet", 210, 32, Unit.MM)},
            {SamplePlans.bound("several-pamphlets", 210, 96, Unit.MM)},
            {SamplePlans.bound("link-stitch", 210, 160, Unit.INCH)},
            {SamplePlans.bound("long-stitch", 297, 160, Unit.MM)},
            {SamplePlans.bound("paired-rows", 210, 192, Unit.MM)},
            {SamplePlans.bound("stab-hemp-leaf", 210, 60, Unit.MM)},
        };
    }

    @Test(dataProvider = "books")
    public void nothingIsDrawnOffThePage(BookPlan plan) {
        for (Drawing.Page page : draw(plan).pages()) {
            for (Shape shape : page.shapes().stream().flatMap(Shape::plain).toList()) {
                if (shape instanceof Shape.Line line) {
                    assertTrue(on(page, line.x1Mm(), line.y1Mm()) && on(page, line.x2Mm(), line.y2Mm()), "" + line);
                } else if (shape instanceof Shape.Words words) {
                    assertTrue(on(page, words.xMm(), words.yMm()), words.text());
                }
            }
        }
    }

    private static boolean on(Drawing.Page page, double x, double y) {
        return x >= 5 && x <= page.widthMm() - 5 && y >= 5 && y <= page.heightMm() - 5;
    }

    @Test(dataProvider = "books")
    public void theLastMoveIsThere(BookPlan plan) {
        int last = StepLines.of(plan.sewn()).size();
        assertTrue(words(draw(plan)).stream().anyMatch(words -> words.text().startsWith(last + ". ")), "move " + last);
    }

    @Test
    public void everyMoveOfASmallBookIsWrittenOut() {
        BookPlan plan = SamplePlans.bound("pamphlet", 210, 32, Unit.MM);
        List<String> lines = words(draw(plan)).stream().map(Shape.Words::text).toList();
        assertTrue(IntStream.rangeClosed(1, 9)
                .allMatch(move -> lines.stream().anyMatch(line -> line.startsWith(move + ". "))));
    }

    @Test
    public void whatRepeatsIsSaidInsteadOfDrawn() {
        String text = text(draw(SamplePlans.bound("link-stitch", 210, 240, Unit.MM)));
        assertTrue(text.contains("are sewn like 3 and 4, in turn"), text);
    }

    @Test
    public void theLastSignatureIsAlwaysDrawn() {
        BookPlan plan = SamplePlans.bound("link-stitch", 210, 240, Unit.MM);
        int signatures = plan.sewn().choice().signatures();
        assertTrue(text(draw(plan)).contains(", signature " + signatures));
    }

    @Test
    public void threadInsideIsDashedAndOutsideWhole() {
        Drawing drawing = draw(SamplePlans.bound("pamphlet", 210, 32, Unit.MM));
        List<Pen> pens = shapes(drawing)
                .filter(Shape.Line.class::isInstance)
                .map(shape -> ((Shape.Line) shape).pen())
                .distinct()
                .toList();
        assertTrue(pens.containsAll(List.of(Pen.THREAD, Pen.THREAD_BEHIND, Pen.THREAD_BEFORE)), pens.toString());
    }

    @Test
    public void lengthsAreInTheBooksOwnUnit() {
        String text = text(draw(SamplePlans.bound("link-stitch", 210, 160, Unit.INCH)));
        assertFalse(text.contains(" mm"), text);
    }

    @Test
    public void theSameBookGivesTheSameSheet() {
        BookPlan plan = SamplePlans.bound("tapes", 210, 160, Unit.MM);
        assertEquals(draw(plan), draw(plan));
    }
}
