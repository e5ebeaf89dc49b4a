package itomichi.notebook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.measure.Unit;
import itomichi.notebook.Entry.Origin;
import itomichi.plan.UsedUp;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A book's page: what came out beside what was planned. */
public class NotebookPageTest {

    private static final BookPlan PLAN = Planner.plan(Books.sound());

    private static List<Entry> page(Map<String, Double> written, Map<String, Long> clocked) {
        return NotebookPage.of(PLAN, WorkList.of(PLAN).tasks(), written, clocked);
    }

    private static Entry line(List<Entry> page, String key) {
        return page.stream().filter(line -> line.key().equals(key)).findFirst().orElseThrow();
    }

    @Test
    public void threadIsPlannedAsItLeavesTheSpool() {
        double planned = UsedUp.of(PLAN.worked()).thread().orElseThrow().mm();
        assertEquals(
                line(page(Map.of(), Map.of()), NotebookPage.THREAD_CUT)
                        .planned()
                        .number(),
                planned);
    }

    @Test
    public void everyStepHasItsMinutes() {
        List<String> steps = WorkList.of(PLAN).tasks().stream()
                .map(task -> NotebookPage.MINUTES + task.key())
                .toList();
        assertEquals(
                page(Map.of(), Map.of()).stream()
                        .map(Entry::key)
                        .filter(key -> key.startsWith(NotebookPage.MINUTES))
                        .toList(),
                steps);
    }

    @Test
    public void theClockTellsWhatNobodyWrote() {
        Entry sewing = line(page(Map.of(), Map.of("sew", 41L)), "minutes:sew");
        assertEquals(sewing.came(), OptionalDouble.of(41));
        assertEquals(sewing.origin(), Origin.CLOCK);
    }

    @Test
    public void whatIsWrittenWinsOverTheClock() {
        Entry sewing = line(page(Map.of("minutes:sew", 35.0), Map.of("sew", 41L)), "minutes:sew");
        assertEquals(sewing.came(), OptionalDouble.of(35));
        assertEquals(sewing.origin(), Origin.WRITTEN);
    }

    @Test
    public void aTenthMoreThreadIsATenthMore() {
        double planned = line(page(Map.of(), Map.of()), NotebookPage.THREAD_CUT)
                .planned()
                .number();
        Entry cut = line(page(Map.of(NotebookPage.THREAD_CUT, planned * 1.1), Map.of()), NotebookPage.THREAD_CUT);
        assertEquals(cut.off().orElseThrow(), 0.1, 1e-9);
    }

    @Test
    public void spoiltSheetsAreNotHeldAgainstAPlan() {
        assertEquals(
                line(page(Map.of(NotebookPage.SPOILT, 2.0), Map.of()), NotebookPage.SPOILT)
                        .off(),
                OptionalDouble.empty());
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {NotebookPage.THREAD_CUT, 0, "more than nothing"},
            {NotebookPage.THREAD_CUT, -5, "more than nothing"},
            {NotebookPage.THREAD_CUT, 40, "a point may have slipped"},
            {NotebookPage.THREAD_CUT, 1e300, "a point may have slipped"},
            {NotebookPage.THREAD_CUT, Double.NaN, "more than nothing"},
            {NotebookPage.THREAD_LEFT, -1, "not less than nothing"},
            {NotebookPage.THREAD_LEFT, 1e6, "no more than"},
            {NotebookPage.SPOILT, -1, "whole sheets from 0"},
            {NotebookPage.SPOILT, 1.5, "Read 1.5; whole sheets"},
            {"minutes:sew", 0, "Read 0; whole minutes from 1"},
            {"minutes:sew", 1e9, "whole minutes"},
            {NotebookPage.SPINE, 12, "at the stage"},
        };
    }

    @Test(dataProvider = "unfit")
    public void whatCannotBeIsRefusedInOneLine(String key, double number, String said) {
        List<Entry> page = page(Map.of(), Map.of());
        String line = expectThrows(
                        UnfitValueException.class, () -> NotebookPage.checked(line(page, key), page, number, Unit.MM))
                .getMessage();
        assertEquals(line.contains(said) && !line.contains("\n"), true, line);
    }

    @Test
    public void nothingLeftAndNothingSpoiltAreTaken() {
        List<Entry> page = page(Map.of(), Map.of());
        assertEquals(NotebookPage.checked(line(page, NotebookPage.THREAD_LEFT), page, 0, Unit.MM), 0.0);
        assertEquals(NotebookPage.checked(line(page, NotebookPage.SPOILT), page, 0, Unit.MM), 0.0);
    }

    @Test
    public void noMoreIsLeftThanWasCut() {
        List<Entry> page = page(Map.of(NotebookPage.THREAD_CUT, 700.0), Map.of());
        assertEquals(NotebookPage.checked(line(page, NotebookPage.THREAD_LEFT), page, 700, Unit.MM), 700.0);
        expectThrows(
                UnfitValueException.class,
                () -> NotebookPage.checked(line(page, NotebookPage.THREAD_LEFT), page, 701, Unit.MM));
    }
}
