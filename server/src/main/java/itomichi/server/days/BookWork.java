package itomichi.server.days;

import itomichi.book.WorkList;
import itomichi.schedule.Job;
import itomichi.schedule.Task;
import itomichi.server.book.StoredBook;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The work on a book: what is planned of it, what its binder does otherwise, what is begun and done.
 *
 * @param planned its steps as they are planned, those of the binder's own among them, none left out
 * @param list the same as its binder does them
 * @param days what was said of its days
 * @param read the same, read
 * @param logs when a hand was on its steps, by step
 * @param saidByBook keys of its steps of which the book itself says that they are done, or that one is which waited on them
 * @param done keys of its steps that are done, as the book or its binder says
 */
record BookWork(
        StoredBook book,
        WorkList planned,
        WorkList list,
        DaysDocument days,
        DaysDocument.Read read,
        Map<String, List<StepLog>> logs,
        Set<String> saidByBook,
        Set<String> done) {

    /** Of a step that is begun so much is left at the least, or nobody would still be at it. */
    private static final int LEAST_LEFT = 5;

    /** @param work its steps as they are planned, none of the binder's own */
    static BookWork of(StoredBook book, WorkList work, DaysDocument days, List<StepLog> logs) {
        DaysDocument.Read read = days.read();
        WorkList planned = work.with(Map.of(), read.added());
        Map<String, List<StepLog>> times = logs.stream().collect(Collectors.groupingBy(StepLog::step));
        return new BookWork(
                book,
                planned,
                work.with(read.changes(), read.added()),
                days,
                read,
                times,
                planned.doneWith(Set.of()),
                done(planned, times));
    }

    /** Whoever has a hand on a step has done what it waited on. */
    private static Set<String> done(WorkList planned, Map<String, List<StepLog>> times) {
        Set<String> said = new HashSet<>();
        for (Task task : planned.tasks()) {
            List<StepLog> logs = times.getOrDefault(task.key(), List.of());
            if (logs.stream().anyMatch(StepLog::finished)) {
                said.add(task.key());
            } else if (!logs.isEmpty()) {
                said.addAll(task.after());
            }
        }
        return planned.doneWith(said);
    }

    /** What it is called in the plan. */
    String name() {
        return book.id().toString();
    }

    /** Whether the book itself says that a step is done, or that one is which waited on it. */
    boolean saidByBook(String key) {
        return saidByBook.contains(key);
    }

    /** Minutes that a hand was on steps that are done, by step; none of a time so long that its end was forgotten. */
    Map<String, Long> minutes(OffsetDateTime now) {
        Map<String, Long> minutes = new HashMap<>();
        logs.forEach((key, times) -> {
            boolean told =
                    times.stream().anyMatch(StepLog::finished) && times.stream().noneMatch(log -> log.forgotten(now));
            long sum = times.stream().mapToLong(log -> log.minutes(now)).sum();
            if (told && sum > 0) {
                minutes.put(key, sum);
            }
        });
        return minutes;
    }

    List<StepLog> times(String key) {
        return logs.getOrDefault(key, List.of());
    }

    /** The time at which it was finished. */
    Optional<StepLog> finished(String key) {
        return times(key).stream().filter(StepLog::finished).findFirst();
    }

    /** Whether a step is done. */
    boolean done(String key) {
        return done.contains(key);
    }

    /** The time since which a hand is on it. */
    Optional<StepLog> open(String key) {
        return times(key).stream()
                .filter(log -> log.ended() == null && !saidByBook(key))
                .findFirst();
    }

    Optional<LocalDate> wanted() {
        return read.wanted();
    }

    /** What is still to be done. */
    Job job(ZoneId zone, OffsetDateTime now) {
        List<Task> open = list.tasks().stream()
                .filter(task -> !done(task.key()))
                .map(task -> left(task, now))
                .toList();
        Set<String> keys = open.stream().map(Task::key).collect(Collectors.toSet());
        Map<String, Long> notBefore = new HashMap<>();
        read.notBefore().forEach((key, time) -> {
            if (keys.contains(key)) {
                notBefore.put(key, Days.minute(time, zone));
            }
        });
        return new Job(
                name(),
                open,
                wanted().map(day -> OptionalLong.of(Days.minute(day.plusDays(1).atStartOfDay(), zone)))
                        .orElse(OptionalLong.empty()),
                notBefore,
                lying(now));
    }

    private Task left(Task task, OffsetDateTime now) {
        long gone =
                times(task.key()).stream().mapToLong(log -> log.minutes(now)).sum();
        return task.taking((int) Math.max(Math.min(LEAST_LEFT, task.minutes()), task.minutes() - gone));
    }

    /** Steps that were ended a while ago and still lie. */
    private Map<String, Job.Lies> lying(OffsetDateTime now) {
        Map<String, Job.Lies> lying = new HashMap<>();
        for (Task task : list.tasks()) {
            finished(task.key())
                    .map(StepLog::ended)
                    .filter(ended -> task.waits())
                    .ifPresent(ended -> {
                        OffsetDateTime until = ended.plusMinutes(task.lies());
                        if (until.isAfter(now)) {
                            lying.put(task.key(), new Job.Lies(until.toEpochSecond() / 60, task.lying()));
                        }
                    });
        }
        return lying;
    }
}
