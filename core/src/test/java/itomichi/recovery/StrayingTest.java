package itomichi.recovery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathCheck;
import itomichi.path.PathFault;
import itomichi.path.Point3;
import itomichi.path.Spot;
import itomichi.plan.SewingPlan;
import itomichi.spec.BookSpec;
import itomichi.spec.UnfitValueException;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The way back from a wrong hole, with its thread and its words. */
public class StrayingTest {

    private static final SewingPlan PAMPHLET = Planner.plan(Books.sound()).sewn();

    private static Straying back(SewingPlan plan, int done, Integer... strayed) {
        return Recovery.find(plan, done, List.of(strayed), Optional.empty());
    }

    @Test
    public void aWrongStitchIsTakenBackAndThePlanGoesOn() {
        Straying back = back(PAMPHLET, 1, 1);
        assertEquals(back.words().in(Unit.MM), "Take the thread back out of hole 1. Then go on as planned.");
        assertEquals(back.step(), 1);
    }

    @Test
    public void wrongHolesAreNamedTheLastFirst() {
        assertTrue(back(PAMPHLET, 1, 1, 5).words().in(Unit.MM).contains("hole 5, then 1"));
    }

    @Test
    public void anotherWayThatComesOutTheSameIsGoneOnWith() {
        Straying back = back(PAMPHLET, 1, 4);
        assertEquals(back.unpicked(), 0);
        assertEquals(back.order(), "+5 -4 +2 -1 +2 -3 tie");
        assertEquals(back.step(), 2);
    }

    @Test
    public void theOtherWayTakesAsMuchThread() {
        Straying back = back(PAMPHLET, 1, 4);
        SewingPlan other = PAMPHLET.by(back.path());
        assertEquals(
                other.need().cut().result().number(),
                PAMPHLET.need().cut().result().number(),
                0.01);
    }

    @Test
    public void theThreadStillNeededIsLessThanWhatIsLeft() {
        Straying back = back(PAMPHLET, 3);
        assertTrue(back.needed().isLessThan(back.left()), back.thread().in(Unit.MM));
    }

    @Test
    public void aThreadMeasuredTooShortIsToldByHowMuch() {
        Straying back = Recovery.find(PAMPHLET, 3, List.of(), Optional.of(Length.ofMm(100)));
        assertTrue(
                back.thread().in(Unit.MM).contains("too short"), back.thread().in(Unit.MM));
    }

    @Test
    public void whatIsUnpickedComesBackToTheThreadThatWasMeasured() {
        Straying back = Recovery.find(PAMPHLET, 1, List.of(1), Optional.of(Length.ofMm(300)));
        // from the centre to hole 1 and through the fold
        double freed = PAMPHLET.frame().passedMm(new itomichi.path.Hole(1, 1)) + 2 * 42.5;
        assertEquals(back.left().mm(), 300 + freed, 0.01);
    }

    @DataProvider
    Object[][] structures() {
        return new Object[][] {
            {Books.linked(160)},
            {Books.bound("tapes").withPages(160)},
            {twoOn()},
            {Books.bound("long-stitch").withPages(96)},
            {Books.bound("several-pamphlets").withPages(96)},
            {Books.bound("stab-plain").withPages(60)},
            {Books.bound("stab-four-hole").withPages(60)},
        };
    }

    private static BookSpec twoOn() {
        BookSpec tapes = Books.bound("tapes").withPages(160);
        return tapes.withStitch(tapes.stitch().withVariant("two-on"));
    }

    /** A wrong hole after every pass of every structure: what is sewn in the end passes the independent checks. */
    @Test(dataProvider = "structures")
    public void fromEveryPlaceTheBookIsSewnSoundly(BookSpec spec) {
        SewingPlan plan = Planner.plan(spec).sewn();
        int steps = Math.min(StepLines.of(plan).size(), 40);
        for (int done = 1; done <= steps; done++) {
            for (int wrong = 1; wrong <= plan.holes(); wrong++) {
                Straying back = back(plan, done, wrong);
                assertEquals(
                        PathCheck.faults(
                                back.path(),
                                plan.stitching().pattern(plan.choice()),
                                plan.frame(),
                                plan.stitching().mostPasses(plan.choice())),
                        List.of(),
                        spec.structure() + ": hole " + wrong + " after " + done);
            }
        }
    }

    @Test
    public void holesThatWereTheRightOnesAreGoneOnFrom() {
        Straying back = back(PAMPHLET, 1, 2, 1);
        assertEquals(back.words().in(Unit.MM), "These holes were the right ones. Go on as planned.");
        assertEquals(back.step(), 3);
    }

    @Test
    public void onlyWhatCameAfterTheRightOnesIsUnpicked() {
        Straying back = back(PAMPHLET, 1, 2, 5);
        assertEquals(back.unpicked(), 1);
        assertEquals(back.step(), 2);
    }

    @Test
    public void aWrongHoleOfTheNextSignatureLeavesTheKettleAsItIs() {
        SewingPlan linked = Planner.plan(Books.linked(160)).sewn();
        List<StepLine> steps = StepLines.of(linked);
        int kettle = 1;
        while (steps.get(kettle - 1).step().kind() != itomichi.path.SewingStep.Kind.KETTLE) {
            kettle++;
        }
        Straying back = back(linked, kettle, 3);
        assertEquals(back.unpicked(), 1);
        assertEquals(back.step(), kettle, "the kettle stays tied");
        assertEquals(back.path(), linked.path());
    }

    @Test
    public void whatIsUnpickedBeforeAClimbComesBackToTheThreadThatWasMeasured() {
        SewingPlan linked = Planner.plan(Books.linked(160)).sewn();
        List<StepLine> steps = StepLines.of(linked);
        int last = 1;
        while (steps.get(last).step().target().signature() == 1) {
            last++;
        }
        Straying back = Recovery.find(linked, last, List.of(3), Optional.of(Length.ofMm(300)));
        // slanting over to hole 3 of the next signature and through its fold: closed geometry
        Hole from = steps.get(last - 1).step().target();
        Hole wrong = new Hole(2, 3);
        Point3 here = linked.frame().at(new Spot(from, Face.OUTSIDE));
        Point3 there = linked.frame().at(new Spot(wrong, Face.OUTSIDE));
        double freed = Math.hypot(here.xMm() - there.xMm(), here.yMm() - there.yMm())
                + linked.frame().passedMm(wrong);
        assertEquals(back.left().mm(), 300 + freed, 0.01);
    }

    @Test
    public void anotherWayDoesNotCarryTheFaultsOfTheOneItReplaces() {
        PathFault fault = new PathFault(PathFault.Kind.HOLE_UNUSED, "No thread goes through hole 1.");
        SewingPlan faulty = new SewingPlan(
                PAMPHLET.spec(),
                PAMPHLET.stitching(),
                PAMPHLET.choice(),
                PAMPHLET.frame(),
                PAMPHLET.path(),
                List.of(),
                List.of(fault),
                PAMPHLET.need());
        assertEquals(faulty.by(PAMPHLET.path()).pathFaults(), List.of());
    }

    @Test
    public void beforeTheFirstMoveThereIsNoWayBack() {
        assertEquals(
                expectThrows(UnfitValueException.class, () -> back(PAMPHLET, 0, 1))
                        .field(),
                "step");
    }

    @Test
    public void aHoleThatIsNotThereIsRefused() {
        assertEquals(
                expectThrows(UnfitValueException.class, () -> back(PAMPHLET, 2, 6))
                        .field(),
                "holes");
    }
}
