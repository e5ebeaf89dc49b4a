package itomichi.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.habit.Habit.Kind;
import itomichi.measure.Length;
import itomichi.notebook.NotebookPage;
import itomichi.spec.BookSpec;
import itomichi.spec.CoverWish;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

/** What finished books say of habits. */
public class ReadingsTest {

    private static final BookSpec LINKED = Books.bound("link-stitch").withPages(192);
    private static final BookPlan PLAN = Planner.plan(LINKED);

    private static BookSpec measured(double spineMm, double edgeMm) {
        CoverWish wish = LINKED.covering();
        return LINKED.withCovering(wish.withMeasured(new CoverWish.Measured(
                Optional.empty(),
                Optional.empty(),
                Optional.of(Length.ofMm(spineMm)),
                Optional.of(Length.ofMm(edgeMm)),
                Optional.empty())));
    }

    private static List<Reading> of(Kind kind, BookSpec book, Map<String, Double> came) {
        return Readings.of(book, came).stream()
                .filter(reading -> reading.habit().kind() == kind)
                .toList();
    }

    private static double planned(String step) {
        return WorkList.of(PLAN).tasks().stream()
                .filter(task -> task.key().equals(step))
                .findFirst()
                .orElseThrow()
                .working()
                .orElseThrow()
                .result()
                .number();
    }

    @Test
    public void whatWasNotMeasuredSaysNothing() {
        assertEquals(Readings.of(LINKED, Map.of()), List.of());
    }

    /** Common sense: a block a tenth thicker than planned is of sheets a tenth thicker. */
    @Test
    public void aThickerBlockIsOfThickerSheets() {
        double edge = PLAN.covering().base().block().foreEdge().planned().mm();
        Reading bulk = of(Kind.BULK, measured(edge, edge * 1.1), Map.of()).get(0);
        assertEquals(bulk.value(), bulk.usual() * 1.1, bulk.usual() * 0.002);
    }

    /** As planned, the folds spring as is usual for how they were pressed. */
    @Test
    public void aSpineAsPlannedSpringsAsIsUsual() {
        var block = PLAN.covering().base().block();
        Reading spring = of(
                        Kind.SPRING,
                        measured(
                                block.spine().planned().mm(),
                                block.foreEdge().planned().mm()),
                        Map.of())
                .get(0);
        assertEquals(spring.value(), spring.usual(), 0.1);
    }

    /** Where nothing but what was in the needle is left, the slack was as it was cut with. */
    @Test
    public void allThatWasCutAndUsedIsTheSlackItWasCutWith() {
        double cut = PLAN.sewn().need().cut().length().mm();
        double needle = PLAN.sewn().need().left(LINKED.slack()).mm();
        Reading slack = of(Kind.SLACK, LINKED, Map.of(NotebookPage.THREAD_CUT, cut, NotebookPage.THREAD_LEFT, needle))
                .get(0);
        assertEquals(slack.value(), LINKED.thread().slackPercent(), 0.01);
    }

    @Test
    public void whatSlackUsesIsReadBackAsThatSlack() {
        var need = PLAN.sewn().need();
        assertEquals(need.slackPercentOf(need.usedWith(7.5)), 7.5, 0.01);
    }

    @Test
    public void whatIsLeftOverWasNotUsed() {
        double cut = PLAN.sewn().need().cut().length().mm();
        double less = of(Kind.SLACK, LINKED, Map.of(NotebookPage.THREAD_CUT, cut, NotebookPage.THREAD_LEFT, 200.0))
                .get(0)
                .value();
        assertTrue(less < LINKED.thread().slackPercent());
    }

    @Test
    public void halfAsLongAgainIsAHundredAndFifty() {
        Reading sew = of(Kind.PACE, LINKED, Map.of("minutes:sew", planned("sew") * 1.5))
                .get(0);
        assertEquals(sew.value(), 150.0, 1e-9);
        assertEquals(sew.habit().of(), "sew/" + LINKED.use().hands());
    }

    /** A step of two minutes says nothing of the hands. */
    @Test
    public void aShortStepSaysNothing() {
        assertEquals(of(Kind.PACE, LINKED, Map.of("minutes:wax", 9.0, "minutes:press", 8.0)), List.of());
    }
}
