package itomichi.schedule;

import static itomichi.schedule.Benches.MONDAY;
import static itomichi.schedule.Benches.at;
import static itomichi.schedule.Benches.evenings;
import static itomichi.schedule.Benches.inOneGo;
import static itomichi.schedule.Benches.job;
import static itomichi.schedule.Benches.task;
import static itomichi.schedule.Benches.wanted;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.schedule.Timetable.Planned;
import itomichi.schedule.Timetable.Stretch;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** When what is done, by the clock of a bench that has hours from seven to nine every evening. */
public class SchedulerTest {

    private static final long NOW = at(MONDAY, 12, 0);

    private static Timetable plan(BenchHours hours, Job... jobs) {
        return Scheduler.plan(List.of(jobs), hours, NOW);
    }

    private static Planned step(Timetable table, String book, String key) {
        return table.books().get(book).steps().stream()
                .filter(planned -> planned.task().key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void workThatIsLongerThanAnEveningGoesOnTheNext() {
        Planned sewing = step(plan(evenings(1), job("log", task("sew", 150, Lying.NOT))), "log", "sew");
        assertEquals(
                sewing.hands(),
                List.of(
                        new Stretch(at(MONDAY, 19, 0), at(MONDAY, 21, 0)),
                        new Stretch(at(MONDAY.plusDays(1), 19, 0), at(MONDAY.plusDays(1), 19, 30))));
    }

    @Test
    public void whatLiesOvernightIsTakenUpTheNextEvening() {
        Timetable table = plan(
                evenings(1), job("log", task("press", 30, Lying.OVERNIGHT), task("punch", 10, Lying.NOT, "press")));
        assertEquals(step(table, "log", "press").ready(), at(MONDAY.plusDays(1), 5, 30));
        assertEquals(step(table, "log", "punch").begins(), at(MONDAY.plusDays(1), 19, 0));
    }

    @Test
    public void theWaitsOfOneBookAreFilledWithAnother() {
        Timetable table = plan(
                evenings(2),
                job("log", task("glue", 30, Lying.AN_HOUR), task("case", 20, Lying.NOT, "glue")),
                job("slips", task("fold", 60, Lying.NOT)));
        assertEquals(step(table, "slips", "fold").begins(), at(MONDAY, 19, 30));
        assertEquals(step(table, "log", "case").begins(), at(MONDAY, 20, 30));
    }

    @Test
    public void glueIsNotBegunThatCannotBeEndedInTheEvening() {
        Timetable table = plan(evenings(1), job("log", task("fold", 100, Lying.NOT), inOneGo("glue", 30, "fold")));
        assertEquals(step(table, "log", "glue").begins(), at(MONDAY.plusDays(1), 19, 0));
    }

    /** The second book is laid under the weight when somebody is there to take the first out. */
    @Test
    public void oneWeightHoldsOneBookUntilSomebodyTakesItOut() {
        Timetable table = plan(evenings(1), job("log", Benches.pressed()), job("diary", Benches.pressed()));
        List<Long> ends = new ArrayList<>(List.of(
                step(table, "log", "press").ends(),
                step(table, "diary", "press").ends()));
        ends.sort(Comparator.naturalOrder());
        assertEquals(ends, List.of(at(MONDAY, 19, 10), at(MONDAY.plusDays(1), 19, 10)));
    }

    @Test
    public void theBookThatIsWantedSoonerComesFirst() {
        Job log = wanted(job("log", task("sew", 120, Lying.NOT)), at(MONDAY.plusDays(5), 0, 0));
        Job diary = wanted(job("diary", task("sew", 120, Lying.NOT)), at(MONDAY.plusDays(1), 0, 0));
        Timetable table = plan(evenings(1), log, diary);
        assertEquals(table.lateMinutes(), 0);
        assertEquals(step(table, "diary", "sew").begins(), at(MONDAY, 19, 0));
    }

    @Test
    public void aBookThatCannotBeReadyInTimeSaysHowLate() {
        Job log = wanted(job("log", task("press", 10, Lying.OVERNIGHT)), at(MONDAY, 23, 10));
        assertEquals(plan(evenings(1), log).books().get("log").lateMinutes(), 6 * 60);
    }

    /** Four steps of ten minutes on two books: each book is taken out once. */
    @Test
    public void whatIsDoneOnOneBookIsDoneInARow() {
        Timetable table = plan(
                evenings(1),
                job("log", task("fold", 10, Lying.NOT), task("punch", 10, Lying.NOT, "fold")),
                job("diary", task("fold", 10, Lying.NOT), task("punch", 10, Lying.NOT, "fold")));
        List<String> order = table.books().entrySet().stream()
                .flatMap(book -> book.getValue().steps().stream().map(step -> Map.entry(step.begins(), book.getKey())))
                .sorted(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .toList();
        assertEquals(order.get(0), order.get(1));
        assertEquals(order.get(2), order.get(3));
    }

    @Test
    public void aDayOffHasNoHours() {
        BenchHours hours = new BenchHours(Benches.ZONE, evenings(1).week(), Set.of(MONDAY), 1, 1);
        assertEquals(
                step(plan(hours, job("log", task("fold", 10, Lying.NOT))), "log", "fold")
                        .begins(),
                at(MONDAY.plusDays(1), 19, 0));
    }

    /** In the night to 25 October 2026 the clocks of that zone go back an hour: ten hours lie one hour less by the clock on the wall. */
    @Test
    public void aNightOnWhichTheClocksChangeIsAsLongAsItIs() {
        LocalDate eve = LocalDate.of(2026, 10, 24);
        Timetable table =
                Scheduler.plan(List.of(job("log", task("press", 60, Lying.OVERNIGHT))), evenings(1), at(eve, 12, 0));
        assertEquals(step(table, "log", "press").ready(), at(eve.plusDays(1), 5, 0));
    }

    /** On 28 March 2027 the hour from two to three is left out: a watch from one to four is two hours. */
    @Test
    public void hoursThatTheClockLeavesOutAreNotWorked() {
        LocalDate day = LocalDate.of(2027, 3, 28);
        BenchHours night = Benches.daily(LocalTime.of(1, 0), LocalTime.of(4, 0), 1);
        Planned sewing = Scheduler.plan(List.of(job("log", task("sew", 121, Lying.NOT))), night, at(day, 0, 0))
                .books()
                .get("log")
                .steps()
                .get(0);
        assertEquals(sewing.hands().get(0).minutes(), 120);
    }

    @Test
    public void whatLiesAlreadyIsWaitedFor() {
        Job log = new Job(
                "log",
                List.of(task("punch", 10, Lying.NOT, "press")),
                OptionalLong.empty(),
                Map.of(),
                Map.of("press", new Job.Lies(at(MONDAY, 20, 15), Lying.OVERNIGHT)));
        assertEquals(step(plan(evenings(1), log), "log", "punch").begins(), at(MONDAY, 20, 15));
    }

    @Test
    public void aStepThatWasMovedIsNotBegunBefore() {
        Job log = new Job(
                "log",
                List.of(task("punch", 10, Lying.NOT)),
                OptionalLong.empty(),
                Map.of("punch", at(MONDAY.plusDays(3), 0, 0)),
                Map.of());
        assertEquals(step(plan(evenings(1), log), "log", "punch").begins(), at(MONDAY.plusDays(3), 19, 0));
    }

    @Test
    public void aBenchWithoutHoursPlansNothing() {
        BenchHours none = new BenchHours(Benches.ZONE, Map.of(), Set.of(), 1, 1);
        assertThrows(IllegalArgumentException.class, () -> plan(none, job("log", task("sew", 10, Lying.NOT))));
    }

    @Test
    public void workForMoreThanTenYearsIsRefused() {
        BenchHours seldom = new BenchHours(
                Benches.ZONE,
                Map.of(DayOfWeek.SUNDAY, List.of(new BenchHours.Span(LocalTime.of(19, 0), LocalTime.of(19, 1)))),
                Set.of(),
                1,
                1);
        assertThrows(TooLongException.class, () -> plan(seldom, job("log", task("sew", 10_000, Lying.NOT))));
    }

    @Test
    public void aBookIsBegunAtTheLatestOnTheEveningThatStillServes() {
        Job log = wanted(
                job("log", task("press", 30, Lying.OVERNIGHT), task("sew", 60, Lying.NOT, "press")),
                at(MONDAY.plusDays(9), 0, 0));
        assertEquals(LatestBegin.of(log, evenings(1), NOW), OptionalLong.of(at(MONDAY.plusDays(7), 19, 0)));
    }

    @Test
    public void aBookThatIsLateHasNoLatestBegin() {
        Job log = wanted(job("log", task("press", 30, Lying.OVERNIGHT)), at(MONDAY, 20, 0));
        assertEquals(LatestBegin.of(log, evenings(1), NOW), OptionalLong.empty());
    }

    @Test
    public void aLateBookIsHelpedByLettingOthersWait() {
        Job log = wanted(job("log", task("sew", 120, Lying.NOT)), at(MONDAY, 22, 0));
        Job diary = wanted(job("diary", task("sew", 60, Lying.NOT)), at(MONDAY, 20, 0));
        List<Job> jobs = List.of(log, diary);
        long ready = Scheduler.plan(jobs, evenings(1), NOW)
                .books()
                .get("log")
                .ready()
                .orElseThrow();
        assertTrue(Help.of(jobs, log, evenings(1), NOW, ready).stream()
                .anyMatch(help -> help.kind() == Help.Kind.ALONE && help.inTime()));
    }

    @DataProvider
    Object[][] benches() {
        Object[][] benches = new Object[16][];
        for (int i = 0; i < benches.length; i++) {
            benches[i] = new Object[] {i};
        }
        return benches;
    }

    private static List<Job> randomJobs(int seed) {
        Random dice = new Random(seed);
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < 2 + dice.nextInt(6); i++) {
            Job job = Benches.random(dice, "book " + i, 3 + dice.nextInt(8), 1 + dice.nextInt(40), true);
            jobs.add(dice.nextBoolean() ? wanted(job, NOW + dice.nextInt(20_000)) : job);
        }
        return jobs;
    }

    private static List<Planned> all(Timetable table) {
        return table.books().values().stream()
                .flatMap(book -> book.steps().stream())
                .toList();
    }

    @Test(dataProvider = "benches")
    public void noHandIsInTwoPlaces(int seed) {
        List<Stretch> hands = all(Scheduler.plan(randomJobs(seed), evenings(2), NOW)).stream()
                .flatMap(planned -> planned.hands().stream())
                .sorted(Comparator.comparingLong(Stretch::from))
                .toList();
        for (int i = 1; i < hands.size(); i++) {
            assertTrue(hands.get(i - 1).to() <= hands.get(i).from(), hands.get(i - 1) + " and " + hands.get(i));
        }
    }

    @Test(dataProvider = "benches")
    public void noStepIsDoneBeforeWhatItWaitsFor(int seed) {
        Timetable table = Scheduler.plan(randomJobs(seed), evenings(2), NOW);
        table.books()
                .forEach((name, book) -> book.steps()
                        .forEach(planned -> planned.task()
                                .after()
                                .forEach(key -> assertTrue(
                                        step(table, name, key).ready() <= planned.begins(),
                                        name + ": " + planned + " before " + key))));
    }

    @Test(dataProvider = "benches")
    public void everyStepGetsItsMinutes(int seed) {
        all(Scheduler.plan(randomJobs(seed), evenings(2), NOW))
                .forEach(planned -> assertEquals(
                        planned.hands().stream().mapToLong(Stretch::minutes).sum(),
                        planned.task().minutes()));
    }

    /** At every moment, counted apart from how it was planned. */
    @Test(dataProvider = "benches")
    public void noWeightHoldsMoreThanItCan(int seed) {
        List<Planned> lying = all(Scheduler.plan(randomJobs(seed), evenings(2), NOW)).stream()
                .filter(planned -> planned.task().lying() != Lying.NOT)
                .toList();
        for (Planned one : lying) {
            long at = lying.stream()
                    .filter(other -> other.ends() <= one.ends() && one.ends() < other.ready())
                    .count();
            assertTrue(at <= 2, at + " lie at " + one);
        }
    }
}
