package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.advice.Use;
import itomichi.finding.Stage;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.schedule.Lying;
import itomichi.schedule.StepChange;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The steps of a book's work, and what waits on what. */
public class WorkListTest {

    private static WorkList work(BookSpec spec) {
        return WorkList.of(Planner.plan(spec));
    }

    private static List<String> keys(BookSpec spec) {
        return work(spec).tasks().stream().map(Task::key).toList();
    }

    private static Task task(BookSpec spec, String key) {
        return work(spec).tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** Everything a step waits on, over all that lies between. */
    private static Set<String> before(BookSpec spec, String key) {
        Set<String> before = new HashSet<>();
        List<String> open = new ArrayList<>(task(spec, key).after());
        while (!open.isEmpty()) {
            String next = open.remove(0);
            if (before.add(next)) {
                open.addAll(task(spec, next).after());
            }
        }
        return before;
    }

    @DataProvider
    Object[][] structures() {
        return Structures.all().stream()
                .filter(structure -> !structure.wantsPattern())
                .map(structure -> new Object[] {structure.key()})
                .toArray(Object[][]::new);
    }

    /** Common practice, no source: grain before the knife, folds before holes, holes before the needle, the last look last. */
    @Test(dataProvider = "structures")
    public void theWorkGoesFromPaperToTheLastLook(String structure) {
        BookSpec book = Books.bound(structure);
        Set<String> before = before(book, "look");
        assertTrue(before.containsAll(List.of("grain", "cut")), structure + ": " + before);
        if (keys(book).contains("sew")) {
            assertTrue(before(book, "sew").containsAll(List.of("cut", "punch")), structure);
            assertTrue(before.contains("sew"), structure);
        }
    }

    @Test(dataProvider = "structures")
    public void everyStepHasANameOfItsOwnAndWaitsOnWhatComesBefore(String structure) {
        Set<String> seen = new HashSet<>();
        for (Task task : work(Books.bound(structure)).tasks()) {
            assertTrue(seen.containsAll(task.after()), structure + ": " + task.key() + " after " + task.after());
            assertTrue(seen.add(task.key()), structure + ": " + task.key());
        }
    }

    /** Common practice, no source: a case is made to the sewn block, a cover that is sewn through is there before the needle. */
    @Test
    public void aCaseIsCutAfterSewingAndASoftCoverBefore() {
        assertTrue(before(Books.bound("tapes"), "cover-cut").contains("sew"));
        assertTrue(before(Books.bound("long-stitch"), "sew").contains("cover-cut"));
    }

    @Test
    public void theBackIsGluedWhileBoardsAreLaidOnTheStrip() {
        BookSpec book = Books.bound("tapes");
        assertFalse(before(book, "cover:strip").contains("cover:back"));
        assertTrue(before(book, "cover:ends").contains("cover:back"));
    }

    @Test
    public void foldsThatArePressedOvernightLieBeforeTheyArePunched() {
        assertEquals(task(Books.bound("tapes"), "press").lying(), Lying.OVERNIGHT);
        assertTrue(before(Books.bound("tapes"), "punch").contains("press"));
    }

    /** What the figure of the time adds up is the same work: a rounding up for each of its steps lies between. */
    @Test
    public void foldingPunchingAndSewingTakeTheTimeThatTheFigureTells() {
        BookSpec book = Books.bound("tapes");
        double told = Planner.plan(book).figure("time").working().result().number();
        int summed = List.of("fold", "punch", "wax", "sew").stream()
                .mapToInt(key -> task(book, key).minutes())
                .sum();
        assertEquals(summed, told, 4);
    }

    @Test
    public void twelveCopiesTakeTwelveTimesTheFolding() {
        BookSpec one = Books.sound();
        BookSpec twelve = one.withUse(new Use(one.use().needs(), 12, one.use().hands()));
        assertEquals(task(twelve, "fold").minutes(), 12.0 * task(one, "fold").minutes(), 12);
        assertTrue(task(twelve, "fold").words().in(Unit.MM).endsWith("12 copies"));
    }

    private static WorkList changed(BookSpec spec, String key, StepChange change) {
        return work(spec).with(Map.of(key, change), List.of());
    }

    private static Task task(WorkList list, String key) {
        return list.tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatWaitedOnAStepThatIsLeftOutWaitsOnWhatItWaitedFor() {
        WorkList list =
                changed(Books.bound("tapes"), "press", new StepChange(true, OptionalInt.empty(), OptionalInt.empty()));
        assertTrue(list.tasks().stream().noneMatch(task -> task.key().equals("press")));
        assertEquals(task(list, "collate").after(), List.of("fold"));
    }

    @Test
    public void aStepTakesTheMinutesItsBinderSays() {
        WorkList list =
                changed(Books.bound("tapes"), "sew", new StepChange(false, OptionalInt.of(200), OptionalInt.empty()));
        assertEquals(task(list, "sew").minutes(), 200);
    }

    @Test
    public void aWaitIsAsLongAsItsBinderSays() {
        StepChange three = new StepChange(false, OptionalInt.empty(), OptionalInt.of(200));
        Task press = task(changed(Books.bound("tapes"), "press", three), "press");
        assertEquals(press.lies(), 200);
        assertEquals(press.liesWords(), "3\u202fh 20\u202fmin, under a weight");
    }

    @Test
    public void whatNeedNotWaitLiesUnderNothing() {
        StepChange none = new StepChange(false, OptionalInt.empty(), OptionalInt.of(0));
        assertFalse(task(changed(Books.bound("tapes"), "press", none), "press").waits());
    }

    /** A step that ends in no wait gets none by a slip of the keys. */
    @Test
    public void whatDoesNotLieIsNotMadeToLie() {
        StepChange lies = new StepChange(false, OptionalInt.empty(), OptionalInt.of(60));
        assertFalse(task(changed(Books.bound("tapes"), "sew", lies), "sew").waits());
    }

    @Test
    public void aWaitOfMonthsIsRefused() {
        assertThrows(
                IllegalArgumentException.class,
                () -> new StepChange(false, OptionalInt.empty(), OptionalInt.of(100_000)));
    }

    @Test
    public void aStepOfOnesOwnComesBetweenTheOneItFollowsAndTheNext() {
        Task sand =
                new Task("own-1", Stage.GATHER, Phrase.of("Sand the edges"), 20, false, Lying.NOT, List.of("press"));
        WorkList list = work(Books.bound("tapes")).with(Map.of(), List.of(sand));
        assertEquals(task(list, "own-1").after(), List.of("press"));
        assertTrue(task(list, "collate").after().contains("own-1"));
    }

    @Test
    public void aStepOfOnesOwnAfterNothingComesFirst() {
        Task tidy = new Task("own-1", Stage.PURPOSE, Phrase.of("Tidy the bench"), 5, false, Lying.NOT, List.of());
        WorkList list = work(Books.bound("tapes")).with(Map.of(), List.of(tidy));
        assertEquals(list.tasks().get(0).key(), "own-1");
        assertEquals(task(list, "grain").after(), List.of("own-1"));
    }

    @Test
    public void minutesThatNoStepTakesAreRefused() {
        assertThrows(
                IllegalArgumentException.class, () -> new StepChange(false, OptionalInt.of(-1), OptionalInt.empty()));
    }

    /** Nobody punches a cover that is not cut. */
    @Test
    public void whatADoneStepWaitedOnIsDoneToo() {
        BookSpec punched = Books.bound("long-stitch").withDone(Set.of(Stage.TEMPLATE));
        Set<String> done = work(punched).doneWith(Set.of());
        assertTrue(done.containsAll(List.of("grain", "cut", "fold", "cover-cut", "punch")), done.toString());
        assertFalse(done.contains("sew"));
    }

    @Test
    public void whatIsDoneOfTheBookIsDoneOfItsWork() {
        BookSpec gathered =
                Books.bound("tapes").withDone(Set.of(Stage.PURPOSE, Stage.PAPER, Stage.GATHER, Stage.PAGES));
        assertEquals(work(gathered).done(), Set.of("grain", "cut", "fold", "press", "collate"));
    }
}
