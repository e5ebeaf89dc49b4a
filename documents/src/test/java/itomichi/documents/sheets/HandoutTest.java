package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.documents.SamplePlans;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Shape;
import itomichi.documents.sheets.Handout.Form;
import itomichi.measure.Unit;
import itomichi.path.Strand;
import itomichi.path.Strands;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Handouts: every move drawn and worded, for either hand. */
public class HandoutTest {

    private static final BookPlan CUES = SamplePlans.pamphlet("Cues", 210, 5, Unit.MM);

    private static Stream<Shape> shapes(Drawing drawing) {
        return drawing.pages().stream().flatMap(page -> page.shapes().stream()).flatMap(Shape::plain);
    }

    private static Set<String> texts(Drawing drawing) {
        return shapes(drawing)
                .filter(Shape.Words.class::isInstance)
                .map(shape -> ((Shape.Words) shape).text())
                .collect(Collectors.toSet());
    }

    @DataProvider
    Object[][] books() {
        return new Object[][] {
            {CUES},
            {SamplePlans.bound("link-stitch", 210, 64, Unit.MM)},
            {SamplePlans.bound("stab-plain", 210, 96, Unit.MM)},
        };
    }

    @Test(dataProvider = "books")
    public void everyMoveIsDrawn(BookPlan plan) {
        int moves = StepLines.of(plan.sewn()).size();
        for (Form form : Form.values()) {
            Set<String> texts = texts(Handout.draw(plan, form, false, PrintPaper.A4));
            IntStream.rangeClosed(1, moves)
                    .forEach(move -> assertTrue(texts.contains("" + move), form + " has no move " + move));
        }
    }

    /** The first words of each move stand there, in the order of the hand. */
    @Test
    public void everyMoveIsWordedForEitherHand() {
        for (boolean left : new boolean[] {false, true}) {
            String all = String.join(" ", texts(Handout.draw(CUES, Form.WALL, left, PrintPaper.LETTER)));
            for (StepLine step : StepLines.of(CUES.sewn())) {
                String words = (left ? step.turned() : step.plain()).in(Unit.MM);
                String first = words.substring(0, Math.min(18, words.length()));
                assertTrue(all.contains(first), first);
            }
        }
    }

    /** Words say towards which hand the thread goes; the picture has it go there. */
    @Test
    public void whereWordsSayLeftThePictureGoesLeft() {
        List<StepLine> steps = StepLines.of(CUES.sewn());
        List<List<Strand>> strands = Strands.bySteps(
                steps.stream().map(StepLine::step).toList(), CUES.sewn().frame());
        int said = 0;
        for (int i = 0; i < steps.size(); i++) {
            String words = steps.get(i).plain().in(Unit.MM);
            if (words.contains("to the left") == words.contains("to the right")) {
                continue;
            }
            boolean headwards = strands.get(i).stream()
                    .filter(strand -> strand.points().size() > 1)
                    .anyMatch(strand ->
                            strand.points().get(strand.points().size() - 1).alongMm()
                                    < strand.points().get(0).alongMm() - 1);
            assertEquals(words.contains("to the left"), headwards, words);
            assertEquals(steps.get(i).turned().in(Unit.MM).contains("to the right"), headwards);
            said++;
        }
        assertTrue(said >= 4, said + " moves say a hand");
    }

    /** For left hands the work is seen the other way round: every hole as far from the right edge as it was from the left. */
    @Test
    public void forLeftHandsThePictureIsTheOtherWayRound() {
        double across = PrintPaper.A4.widthMm();
        List<Double> right = holes(Form.WALL, false);
        List<Double> left = holes(Form.WALL, true);
        assertEquals(left.size(), right.size());
        double shift = left.get(left.size() - 1) - (across - right.get(0));
        for (int i = 0; i < right.size(); i++) {
            assertEquals(left.get(left.size() - 1 - i), across - right.get(i) + shift, 0.01);
        }
        // what is printed is as wide as its column, so nothing but the way it lies differs
        assertEquals(left.get(left.size() - 1) - left.get(0), right.get(right.size() - 1) - right.get(0), 0.01);
    }

    private static List<Double> holes(Form form, boolean left) {
        return Handout.draw(CUES, form, left, PrintPaper.A4).pages().get(0).shapes().stream()
                .flatMap(Shape::plain)
                .filter(Shape.Circle.class::isInstance)
                .map(Shape.Circle.class::cast)
                // the ring about the hole in hand lies where its hole does
                .filter(circle -> circle.radiusMm() < 1)
                .map(Shape.Circle::xMm)
                .sorted()
                .toList();
    }

    /** A cross where the needle goes away from the eye, a dot where it comes: one ring for each move that passes a hole. */
    @Test
    public void everyPassIsRinged() {
        long passes = StepLines.of(CUES.sewn()).stream()
                .filter(step -> step.step().moves().stream().anyMatch(itomichi.path.Pass.class::isInstance))
                .count();
        long rings = shapes(Handout.draw(CUES, Form.WORDLESS, false, PrintPaper.A4))
                .filter(shape -> shape instanceof Shape.Circle circle && circle.radiusMm() > 1)
                .count();
        assertEquals(rings, passes);
    }

    @Test
    public void allOfItIsBlack() {
        assertTrue(shapes(Handout.draw(CUES, Form.TWO_TO_A_SHEET, false, PrintPaper.A4))
                .allMatch(shape -> !(shape instanceof Shape.Line line) || line.ink() == Ink.BLACK));
    }

    @Test
    public void bothHalvesOfASheetAreAlike() {
        Drawing.Page page = Handout.draw(CUES, Form.TWO_TO_A_SHEET, false, PrintPaper.A4)
                .pages()
                .get(0);
        double half = PrintPaper.A4.heightMm() / 2;
        List<Shape.Words> words = page.shapes().stream()
                .flatMap(Shape::plain)
                .filter(Shape.Words.class::isInstance)
                .map(Shape.Words.class::cast)
                .toList();
        List<Shape.Words> upper =
                words.stream().filter(word -> word.yMm() < half).toList();
        assertEquals(
                words.stream()
                        .filter(word -> word.yMm() > half)
                        .map(word -> word.text() + " " + Math.round(word.yMm() - half))
                        .toList(),
                upper.stream()
                        .map(word -> word.text() + " " + Math.round(word.yMm()))
                        .toList());
        assertFalse(upper.isEmpty());
    }

    @Test
    public void withoutWordsThereAreNumbersAndFacesAlone() {
        Set<String> texts = texts(Handout.draw(CUES, Form.WORDLESS, false, PrintPaper.A4));
        assertTrue(
                texts.stream().allMatch(text -> text.matches("\\d+|Inside|Outside, seen through")), texts.toString());
    }

    /** Nothing is drawn past the page, nor into the other half. */
    @Test(dataProvider = "books")
    public void nothingRunsOffThePage(BookPlan plan) {
        for (Form form : Form.values()) {
            Drawing drawing = Handout.draw(plan, form, false, PrintPaper.A4);
            shapes(drawing)
                    .filter(Shape.Words.class::isInstance)
                    .map(Shape.Words.class::cast)
                    .forEach(word -> assertTrue(
                            word.yMm() < PrintPaper.A4.heightMm() - 2,
                            form + ": " + word.text() + " at " + word.yMm()));
        }
    }
}
