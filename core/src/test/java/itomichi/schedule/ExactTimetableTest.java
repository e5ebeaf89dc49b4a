package itomichi.schedule;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/**
 * Timetables of two and three books against a general solver (OR-tools CP-SAT), which is told only what a timetable must not do. The bench
 * has four minutes every evening at six and four at seven, so that a solver has few minutes to try; steps take one to three.
 */
public class ExactTimetableTest {

    /** Minutes at the bench in a day. */
    private static final int DAILY = 8;

    private static final int DAY = 24 * 60;
    private static final int DAYS = 9;
    private static final int CASES = 10;
    private static final long NOW = Benches.at(Benches.MONDAY, 18, 0);

    private static BenchHours hours() {
        Map<DayOfWeek, List<BenchHours.Span>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(
                    day,
                    List.of(
                            new BenchHours.Span(LocalTime.of(18, 0), LocalTime.of(18, 4)),
                            new BenchHours.Span(LocalTime.of(19, 0), LocalTime.of(19, 4))));
        }
        return new BenchHours(Benches.ZONE, week, Set.of(), 1, 1);
    }

    @BeforeClass
    public void load() {
        Loader.loadNativeLibraries();
    }

    private static List<Job> jobs(int seed) {
        Random dice = new Random(seed);
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < 2 + seed % 2; i++) {
            Job job = Benches.random(dice, "book " + i, 3 + dice.nextInt(2), 1, false);
            jobs.add(Benches.wanted(job, NOW + 100 + dice.nextInt(5 * DAY)));
        }
        return jobs;
    }

    /** Late minutes of all books; when they are ready counts less than one of them. */
    private static long cost(long late, long ready) {
        return late * 1_000_000 + ready;
    }

    /** The method is no proof: it finds the best of at least nine cases in ten, and is never later by more than a day. */
    @Test
    public void smallBenchesArePlannedAsWellAsByASolver() {
        int best = 0;
        for (int seed = 0; seed < CASES; seed++) {
            Timetable table = Scheduler.tightest(jobs(seed), hours(), NOW);
            long ready = table.books().values().stream()
                    .mapToLong(book -> book.ready().orElseThrow() - NOW)
                    .sum();
            long ours = cost(table.lateMinutes(), ready);
            long exact = exact(jobs(seed));
            assertTrue(ours >= exact, seed + ": better than the best, " + ours + " and " + exact);
            assertTrue(ours - exact <= cost(DAY, 0), seed + ": " + ours + " and " + exact);
            best += ours == exact ? 1 : 0;
        }
        assertTrue(best >= CASES * 9 / 10, best + " of " + CASES + " as good as can be");
    }

    /** When a minute of work begins, counted from the first. */
    private static long clock(int work) {
        int inDay = work % DAILY;
        return (long) work / DAILY * DAY + (inDay < 4 ? inDay : 60 + inDay - 4);
    }

    private static long exact(List<Job> jobs) {
        CpModel model = new CpModel();
        int work = DAYS * DAILY;
        long[] begins =
                IntStream.range(0, work).mapToLong(ExactTimetableTest::clock).toArray();
        long horizon = DAYS * DAY;
        long[] before = IntStream.range(0, work)
                .mapToLong(minute -> minute == 0 ? -1 : clock(minute - 1))
                .toArray();
        List<IntervalVar> hands = new ArrayList<>();
        CumulativeConstraint weights = model.addCumulative(1);
        LinearExprBuilder cost = LinearExpr.newBuilder();
        for (Job job : jobs) {
            IntVar ready = model.newIntVar(0, horizon, "ready");
            IntVar late = model.newIntVar(0, horizon, "late");
            Map<String, IntVar> readySteps = new HashMap<>();
            for (Task task : job.tasks()) {
                int minutes = task.minutes();
                IntVar start = model.newIntVar(0, work - minutes - 1, "start");
                hands.add(model.newFixedSizeIntervalVar(start, minutes, "hands"));
                IntVar begin = model.newIntVar(0, horizon, "begin");
                model.addElement(start, begins, begin);
                IntVar last = model.newIntVar(0, horizon, "last");
                model.addElement(LinearExpr.affine(start, 1, minutes - 1), begins, last);
                IntVar done = model.newIntVar(0, horizon, "done");
                int lies = task.lying().minutes();
                model.addEquality(done, LinearExpr.affine(last, 1, 1 + lies));
                task.after().forEach(key -> model.addGreaterOrEqual(begin, readySteps.get(key)));
                readySteps.put(task.key(), done);
                if (lies > 0) {
                    // lifted out in the first minute at the bench that does not lie before
                    IntVar minute = model.newIntVar(0, work - 1, "minute");
                    IntVar out = model.newIntVar(0, horizon, "out");
                    model.addElement(minute, begins, out);
                    IntVar missed = model.newIntVar(-1, horizon, "missed");
                    model.addElement(minute, before, missed);
                    model.addGreaterOrEqual(out, done);
                    model.addLessThan(missed, done);
                    IntVar size = model.newIntVar(0, horizon, "size");
                    weights.addDemand(
                            model.newIntervalVar(LinearExpr.affine(last, 1, 1), size, out, "under a weight"), 1);
                }
                model.addGreaterOrEqual(ready, done);
            }
            model.addGreaterOrEqual(
                    late, LinearExpr.affine(ready, 1, -(job.wanted().getAsLong() - NOW)));
            cost.addTerm(late, cost(1, 0)).add(ready);
        }
        model.addNoOverlap(hands);
        model.minimize(cost);
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(1).setRandomSeed(7);
        assertEquals(solver.solve(model), CpSolverStatus.OPTIMAL);
        return Math.round(solver.objectiveValue());
    }
}
