package itomichi.server.days;

import itomichi.schedule.BenchHours;
import itomichi.schedule.Help;
import itomichi.schedule.Job;
import itomichi.schedule.LatestBegin;
import itomichi.schedule.Scheduler;
import itomichi.schedule.Timetable;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The days of all books on the bench, planned.
 *
 * @param works the books
 * @param table when; empty where nothing can be planned
 * @param begins the minutes at which wanted books are begun at the latest, by book; none of those that are late
 * @param help what makes late books ready sooner, by book; of the latest only
 * @param trouble why nothing can be planned
 */
record BenchDays(
        OffsetDateTime now,
        BenchHours hours,
        List<BookWork> works,
        Timetable table,
        Map<String, Long> begins,
        Map<String, List<Help>> help,
        @Nullable String trouble) {

    /** Late books for which it is tried what would help, the latest first. */
    private static final int MOST_HELPED = 3;

    /** Which book was changed last must not change the plan. */
    private static final Comparator<BookWork> ORDER = Comparator.<BookWork, LocalDate>comparing(
                    work -> work.wanted().orElse(LocalDate.MAX))
            .thenComparing(work -> work.book().document().name())
            .thenComparing(work -> work.book().id());

    static BenchDays of(OffsetDateTime now, BenchHours hours, List<BookWork> all) {
        List<BookWork> works = all.stream().sorted(ORDER).toList();
        List<Job> jobs = works.stream().map(work -> work.job(hours.zone(), now)).toList();
        try {
            Timetable table = Scheduler.plan(jobs, hours, minute(now));
            return new BenchDays(
                    now, hours, works, table, begins(jobs, hours, now), help(jobs, table, hours, now), null);
        } catch (IllegalArgumentException unplanned) {
            return new BenchDays(
                    now, hours, works, new Timetable(Map.of()), Map.of(), Map.of(), unplanned.getMessage());
        }
    }

    private static Map<String, Long> begins(List<Job> jobs, BenchHours hours, OffsetDateTime now) {
        Map<String, Long> begins = new HashMap<>();
        for (Job job : jobs) {
            LatestBegin.of(job, hours, minute(now)).ifPresent(begin -> begins.put(job.name(), begin));
        }
        return begins;
    }

    private static Map<String, List<Help>> help(List<Job> jobs, Timetable table, BenchHours hours, OffsetDateTime now) {
        Map<String, List<Help>> help = new HashMap<>();
        jobs.stream()
                .filter(job -> late(table, job) > 0)
                .sorted(Comparator.comparingLong((Job job) -> late(table, job)).reversed())
                .limit(MOST_HELPED)
                .forEach(job -> help.put(
                        job.name(),
                        Help.of(jobs, job, hours, minute(now), job.wanted().orElseThrow() + late(table, job))));
        return help;
    }

    private static long late(Timetable table, Job job) {
        Timetable.Book book = table.books().get(job.name());
        return book == null ? 0 : book.lateMinutes();
    }

    /** The minute that the clock shows, by its count. */
    long minute() {
        return minute(now);
    }

    private static long minute(OffsetDateTime time) {
        return time.toEpochSecond() / 60;
    }

    Optional<Timetable.Book> planned(BookWork work) {
        return Optional.ofNullable(table.books().get(work.name()));
    }
}
