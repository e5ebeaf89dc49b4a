package itomichi.benchmark;

import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.schedule.BenchHours;
import itomichi.schedule.Job;
import itomichi.schedule.Scheduler;
import itomichi.schedule.Task;
import itomichi.schedule.Timetable;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.structure.Structures;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The days of thirty books over one pair of hands, two evenings a day and two places under a weight. Wanted: under 500 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class ScheduleBenchmark {

    private static final int BOOKS = 30;
    private static final long NOW = 29_930_000;

    private final List<Job> jobs = jobs();
    private final BenchHours hours = hours();

    private static List<Job> jobs() {
        List<String> structures = List.of("tapes", "link-stitch", "long-stitch", "pamphlet-3", "french-link");
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < BOOKS; i++) {
            BookSpec book = Structures.keyed(structures.get(i % structures.size()))
                    .map(structure -> Binding.as(SampleBook.pamphlet(5), structure))
                    .orElse(SampleBook.pamphlet(5))
                    .withPages(64 + 16 * (i % 7));
            List<Task> tasks = WorkList.of(Planner.plan(book)).tasks();
            OptionalLong wanted = i % 3 == 0 ? OptionalLong.empty() : OptionalLong.of(NOW + 1_440L * (4 + 3L * i));
            jobs.add(new Job("book " + i, tasks, wanted, Map.of(), Map.of()));
        }
        return jobs;
    }

    private static BenchHours hours() {
        Map<DayOfWeek, List<BenchHours.Span>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(
                    day,
                    List.of(
                            new BenchHours.Span(LocalTime.of(14, 0), LocalTime.of(16, 0)),
                            new BenchHours.Span(LocalTime.of(19, 0), LocalTime.of(21, 30))));
        }
        return new BenchHours(ZoneId.of("Europe/Berlin"), week, Set.of(), 2, 2);
    }

    @Benchmark
    public Timetable thirtyBooks() {
        return Scheduler.plan(jobs, hours, NOW);
    }
}
