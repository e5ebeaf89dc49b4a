package itomichi.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.finding.Working;
import itomichi.gathering.Pressing;
import itomichi.gathering.Springs;
import itomichi.habit.Habit;
import itomichi.habit.Learned;
import itomichi.habit.Taught;
import itomichi.lookover.LookOver;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.notebook.NotebookPage;
import itomichi.plan.Paces;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.spec.CoverWish;
import itomichi.spec.Slack;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Plans of books into which something learned was taken. */
public class LearnedBooksTest {

    private static final BookSpec PLAIN = Books.bound("link-stitch").withPages(192);
    private static final BookPlan PLAN = Planner.plan(PLAIN);
    private static final Habit SPRING = Springs.habit(PLAIN.gathering().pressing());

    private static BookPlan with(Habit habit, double middle, double low, double high) {
        return Planner.plan(taken(habit, middle, low, high));
    }

    private static BookSpec taken(Habit habit, double middle, double low, double high) {
        return PLAIN.withLearned(Learned.NONE.with(habit, Optional.of(new Taught(9, middle, low, high))));
    }

    private static Working figure(BookPlan plan, String key) {
        return plan.figure(key).working();
    }

    private static Task step(BookPlan plan, String key) {
        return WorkList.of(plan).tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static boolean says(Working working, String words) {
        return working.notes().stream().anyMatch(note -> note.in(Unit.MM).contains(words));
    }

    /** Closed form: the block is its sheets, twice, one on the other. */
    @Test
    public void aLearnedSheetMakesTheBlock() {
        BookPlan plan = with(PLAIN.paper().habit(), 0.2, 0.19, 0.21);
        int sheets = plan.gathered().sheets();
        assertEquals(figure(plan, "paper-thickness").length().mm(), 0.2, 1e-9);
        assertEquals(figure(plan, "block").length().mm(), 2 * sheets * 0.2, 0.001);
    }

    /** Closed form, as the working is written: twice the sheets, so much thicker at the folds, and the thread. */
    @Test
    public void aLearnedSpringMakesTheSpine() {
        BookPlan plan = with(SPRING, 9, 7, 11);
        double flat = figure(plan, "block").length().mm();
        double swell = figure(plan, "swell").length().mm();
        assertEquals(figure(plan, "spine").length().mm(), flat * 1.09 + swell, 0.002);
    }

    @Test
    public void aLearnedSpringsRangeIsThatOfTheSpine() {
        Working spine = figure(with(SPRING, 9, 7, 11), "spine");
        Working usual = figure(PLAN, "spine");
        double learned =
                spine.high().orElseThrow().mm() - spine.low().orElseThrow().mm();
        assertTrue(learned
                < usual.high().orElseThrow().mm() - usual.low().orElseThrow().mm());
    }

    /** Nobody is told a spring of folds that were pressed otherwise. */
    @Test
    public void whatWasLearnedOfAnotherPressingChangesNothing() {
        Pressing other = PLAIN.gathering().pressing() == Pressing.FRESH ? Pressing.OVERNIGHT : Pressing.FRESH;
        assertEquals(
                figure(with(Springs.habit(other), 40, 30, 50), "spine").length(),
                figure(PLAN, "spine").length());
    }

    @Test
    public void aPaperOfAnotherWeightIsAnother() {
        Habit lighter = Habit.bulk(PLAIN.paper().name(), itomichi.measure.Grammage.ofGsm(80));
        assertEquals(
                figure(with(lighter, 0.3, 0.2, 0.4), "block").length(),
                figure(PLAN, "block").length());
    }

    /** Thread that sinks in wholly adds nothing. */
    @Test
    public void threadThatSinksInWhollySwellsNothing() {
        Habit sink = PLAN.gathered().folded().orElseThrow().block().thread().habit();
        assertEquals(figure(with(sink, 0, 0, 10), "swell").length().mm(), 0.0, 1e-9);
    }

    /** Common practice, no source: who cuts to the middle of what was used runs short with every second book. */
    @Test
    public void threadIsCutForNineOfTen() {
        BookPlan plan = with(Slack.habit(PLAIN), 5, 2, 8);
        Working cut = figure(plan, "thread");
        assertEquals(cut.length().mm(), cut.high().orElseThrow().mm(), 0.01);
        assertEquals(plan.sewn().need().slackPercentOf(cut.low().orElseThrow().minus(needle(plan))), 2.0, 0.01);
    }

    private static Length needle(BookPlan plan) {
        Slack even = new Slack(0, 0, 0, 0, 0, Optional.empty());
        return plan.sewn().need().left(even);
    }

    @Test
    public void whatMostLeaveOverIsForeseen() {
        BookPlan plan = with(Slack.habit(PLAIN), 5, 2, 8);
        Length cut = figure(plan, "thread").length();
        Length left = plan.sewn().need().left(plan.spec().slack());
        assertEquals(plan.sewn().need().slackPercentOf(cut.minus(left)), 5.0, 0.01);
    }

    /** The steps at the table are told by the thread as it is cut. */
    @Test
    public void theLastStepLeavesTailAndNeedleToo() {
        BookPlan plan = with(Slack.habit(PLAIN), 5, 2, 8);
        var lines = itomichi.steps.StepLines.of(plan.sewn());
        assertEquals(lines.get(lines.size() - 1).left().mm(), 75 + 60, 0.2);
    }

    @Test
    public void aLearnedPaceMakesTheMinutesOfItsStep() {
        Habit sewing = Paces.habit(PLAIN, Paces.SEW).orElseThrow();
        assertEquals(
                step(with(sewing, 200, 150, 250), Paces.SEW).minutes(),
                2 * step(PLAN, Paces.SEW).working().orElseThrow().result().number(),
                1.0);
    }

    @Test
    public void theTimeAtTheBenchIsThatOfItsSteps() {
        Habit folding = Paces.habit(PLAIN, Paces.FOLD).orElseThrow();
        BookPlan plan = with(folding, 130, 100, 160);
        double steps = List.of(Paces.FOLD, Paces.PUNCH, "wax", Paces.SEW).stream()
                .mapToDouble(
                        key -> step(plan, key).working().orElseThrow().result().number())
                .sum();
        assertEquals(figure(plan, "time").result().number(), steps, 0.001);
    }

    @Test
    public void minutesNarrowAsReadingsCome() {
        Habit sewing = Paces.habit(PLAIN, Paces.SEW).orElseThrow();
        double usual = spread(step(PLAN, Paces.SEW));
        double three = spread(step(with(sewing, 100, 75, 125), Paces.SEW));
        double many = spread(step(with(sewing, 100, 85, 115), Paces.SEW));
        assertTrue(many < three && three < usual);
    }

    private static double spread(Task task) {
        Working.Range range = task.working().orElseThrow().range().orElseThrow();
        return range.high().number() - range.low().number();
    }

    @DataProvider
    public Object[][] figures() {
        return new Object[][] {
            {PLAIN.paper().habit(), 0.2, "paper-thickness"},
            {SPRING, 9.0, "spine"},
            {PLAN.gathered().folded().orElseThrow().block().thread().habit(), 40.0, "swell"},
            {Slack.habit(PLAIN), 9.0, "thread"},
            {Paces.habit(PLAIN, Paces.FOLD).orElseThrow(), 120.0, "time"},
        };
    }

    @Test(dataProvider = "figures")
    public void aFigureMadeFromBooksSaysSo(Habit habit, double middle, String figure) {
        assertTrue(says(figure(with(habit, middle, middle * 0.9, middle * 1.1), figure), "from 9 of your books"));
        assertFalse(says(figure(PLAN, figure), "of your books"));
    }

    @Test(dataProvider = "figures")
    public void aStepBackIsAsBefore(Habit habit, double middle, String figure) {
        BookSpec back = taken(habit, middle, middle, middle)
                .withLearned(taken(habit, middle, middle, middle).learned().with(habit, Optional.empty()));
        assertEquals(back, PLAIN);
    }

    /** A book says of a habit what it came to, however it was planned. */
    @Test
    public void aBookPlannedByALessonSaysTheSame() {
        Map<String, Double> came =
                Map.of(NotebookPage.THREAD_CUT, 4000.0, NotebookPage.THREAD_LEFT, 300.0, "minutes:sew", 90.0);
        BookSpec lessoned = taken(Slack.habit(PLAIN), 20, 18, 22);
        assertEquals(Readings.of(lessoned, came), Readings.of(PLAIN, came));
    }

    private static BookSpec measured(double spineMm, double edgeMm) {
        CoverWish wish = PLAIN.covering();
        return PLAIN.withCovering(wish.withMeasured(new CoverWish.Measured(
                Optional.empty(),
                Optional.empty(),
                Optional.of(Length.ofMm(spineMm)),
                Optional.of(Length.ofMm(edgeMm)),
                Optional.empty())));
    }

    private static double value(Habit.Kind kind, List<Reading> readings) {
        return readings.stream()
                .filter(reading -> reading.habit().kind() == kind)
                .findFirst()
                .orElseThrow()
                .value();
    }

    /** A stack of 20 mm that is 22 mm at its folds springs a tenth, whatever the thread adds. */
    @Test
    public void measuredUnsewnSpringAndThreadAreToldApart() {
        List<Reading> readings = Readings.of(measured(24, 20), Map.of(LookOver.STACK_AT_FOLDS, 22.0));
        assertEquals(value(Habit.Kind.SPRING, readings), 10.0, 0.01);
        double whole = figure(PLAN, "swell").length().mm()
                / PLAN.gathered().folded().orElseThrow().block().thread().left();
        assertEquals(value(Habit.Kind.SINK, readings), 2 / whole * 100, 0.1);
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {"SPRING:FRESH", 2, 9.0, 7.0, 11.0},
            {"SPRING:FRESH", 9, 9.0, 10.0, 11.0},
            {"SPRING:FRESH", 9, 900.0, 7.0, 1100.0},
            {"BULK:Paper/80000", 9, Double.NaN, 0.1, 0.2},
            {"MOOD:good", 9, 9.0, 7.0, 11.0},
        };
    }

    @Test(dataProvider = "nonsense")
    public void whatNoBooksTeachIsRefused(String key, int count, double middle, double low, double high) {
        assertThrows(
                UnfitValueException.class,
                () -> PLAIN.withLearned(new Learned(Map.of(key, new Taught(count, middle, low, high)))));
    }
}
