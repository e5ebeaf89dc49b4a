package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.finding.Quantity;
import itomichi.finding.Stage;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.WorkedBook;
import itomichi.property.Draw;
import itomichi.property.Property;
import itomichi.spec.BookSpec;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import java.util.EnumSet;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PlannerTest {

    private static final BookPlan PLAN = Planner.plan(Books.sound());

    @DataProvider
    Object[][] figures() {
        return new Object[][] {
            // worked by hand from the formulas of the trade
            {"sheets", 8.0, 0},
            {"unfolded", 296.0, 0},
            {"paper-thickness", 120 * 1.40 / 1000, 1e-6},
            {"fold", 2 * 8 * 0.168, 1e-6},
            {"creep", Math.PI / 2 * 7 * 0.168, 0.001},
            {"stations", 42.5, 1e-6},
            {"cover", 2 * (148 + 1.847 + 3) + 2.688, 0.01},
            {"hole", 1.1, 1e-6},
        };
    }

    @Test(dataProvider = "figures")
    public void aThirtyTwoPageA5PamphletHasTheFiguresOfThePencil(String key, double value, double tolerance) {
        assertEquals(PLAN.figure(key).value().number(), value, tolerance);
    }

    @Test
    public void threadIsRunsPassesKnotSlackTailsAndNeedle() {
        double runs = 2 * 170;
        double passes = 8 * (8 * 0.168 + 0.3);
        double knot = 2 * 12 * 0.48;
        assertEquals(PLAN.figure("thread").length().mm(), (runs + passes + knot) * 1.03 + 150 + 60, 0.1);
    }

    @DataProvider
    Object[][] rules() {
        return new Object[][] {
            // heights of thread for a pamphlet: common practice, no source
            {3, 2.0, 3.0}, {5, 2.5, 4.0}, {7, 2.5, 4.0},
        };
    }

    @Test(dataProvider = "rules")
    public void threadAgreesWithTheRuleOfThumb(int stations, double lowHeights, double highHeights) {
        BookPlan plan = Planner.plan(Books.sound().withStations(Books.margins(stations, 20)));
        double heights = plan.figure("thread").length().mm() / 210;
        assertTrue(heights >= lowHeights && heights <= highHeights, heights + " heights");
    }

    @Test
    public void theNeedleAllowanceAndTheLastTailAreLeftWhenAllIsSewn() {
        StepLine last = StepLines.of(PLAN.sewn()).get(StepLines.of(PLAN.sewn()).size() - 1);
        assertEquals(last.left().mm(), 75 + 60, 0.2);
    }

    @Test
    public void aDoubledThreadIsCutTwiceAsLong() {
        double doubled = Planner.plan(Books.sound().withThread(Books.sewing(2, 75, 1.1)))
                .figure("thread")
                .length()
                .mm();
        double single = PLAN.figure("thread").length().mm();
        // the knot takes more of the doubled, thicker thread
        assertEquals(doubled, 2 * single + 2 * 2 * 12 * 0.48 * 1.03, 0.2);
    }

    @Test
    public void everyFigureIsTheValueOfItsFormula() {
        PLAN.figures().forEach(figure -> {
            var working = figure.working();
            double again = working.formula()
                    .evaluate(symbol -> working.terms().get(symbol).value().number());
            double tolerance = figure.value() instanceof Quantity.Distance ? 0.001 : 1e-9;
            assertEquals(figure.value().number(), again, tolerance, figure.key());
        });
    }

    @Test
    public void switchingTheUnitChangesNoFigure() {
        BookSpec sound = Books.sound();
        BookPlan inches = Planner.plan(sound.withTitle(new BookSpec.Title("Lines", "learning by heart", Unit.INCH)));
        assertEquals(
                inches.figures().stream().map(figure -> figure.value().number()).toList(),
                PLAN.figures().stream().map(figure -> figure.value().number()).toList());
    }

    @Test
    public void anyPageCountAndHeightIsPlannedSoundly() {
        Property.holdsFor(300)
                .of(Draw.between(1, 4000), Draw.between(20, 1200), Draw.between(1, 15), (pages, heightMm, half) -> {
                    BookSpec spec = Books.sound()
                            .withPages(pages)
                            .withStations(Books.margins(2 * half + 1, 20))
                            .withLeaf(new BookSpec.Leaf(Length.ofMm(148), Length.ofMm(heightMm), false));
                    return WorkedBook.of(spec)
                            .sewing()
                            .orElseThrow()
                            .pathFaults()
                            .isEmpty();
                });
    }

    @Test
    public void theNextThingIsTheFirstThatIsNotDone() {
        BookSpec folded = Books.sound().withDone(EnumSet.of(Stage.PURPOSE, Stage.PAPER));
        assertEquals(Planner.plan(folded).next().words().in(Unit.MM), "Fold 8 sheets of Book wove and nest them");
    }

    @Test
    public void whenAllIsDoneTheBookGoesUnderTheWeight() {
        BookSpec done = Books.sound().withDone(Set.of(Stage.values()));
        assertTrue(Planner.plan(done).next().finished());
    }

    @Test
    public void turnedOverTheHeadIsOnTheRight() {
        StepLine second = StepLines.of(PLAN.sewn()).get(1);
        assertEquals(second.plain().in(Unit.MM), "Along the outside towards the head, to the left, in through hole 2.");
        assertEquals(
                second.turned().in(Unit.MM), "Along the outside towards the head, to the right, in through hole 2.");
    }
}
