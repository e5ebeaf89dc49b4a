package itomichi.server.days;

import itomichi.schedule.BenchHours;
import itomichi.schedule.Job;
import itomichi.schedule.Scheduler;
import itomichi.schedule.Timetable;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The days of all books on the bench, planned.
 *
 * @param works the books
 * @param jobs what is still to be done on each, in the same order
 * @param table when; empty where nothing can be planned
 * @param trouble why nothing can be planned
 */
record BenchDays(
        OffsetDateTime now,
        BenchHours hours,
        List<BookWork> works,
        List<Job> jobs,
        Timetable table,
        @Nullable String trouble) {

    /** Which book was changed last must not change the plan. */
    private static final Comparator<BookWork> ORDER = Comparator.<BookWork, LocalDate>comparing(
                    work -> work.wanted().orElse(LocalDate.MAX))
            .thenComparing(work -> work.book().document().name())
            .thenComparing(work -> work.book().id());

    static BenchDays of(OffsetDateTime now, BenchHours hours, List<BookWork> all) {
        List<BookWork> works = all.stream().sorted(ORDER).toList();
        List<Job> jobs = works.stream().map(work -> work.job(hours.zone(), now)).toList();
        try {
            return new BenchDays(now, hours, works, jobs, Scheduler.plan(jobs, hours, minute(now)), null);
        } catch (IllegalArgumentException unplanned) {
            return new BenchDays(now, hours, works, jobs, new Timetable(Map.of()), unplanned.getMessage());
        }
    }

    /** The minute that the clock shows, by its count. */
    long minute() {
        return minute(now);
    }

    private static long minute(OffsetDateTime time) {
        return time.toEpochSecond() / 60;
    }

    Optional<Timetable.Book> planned(BookWork work) {
        return Optional.ofNullable(table.books().get(work.book().id().toString()));
    }
}
