package itomichi.server.days;

import itomichi.schedule.BenchHours;
import itomichi.schedule.Help;
import itomichi.schedule.Lying;
import itomichi.schedule.Task;
import itomichi.schedule.Timetable;
import itomichi.schedule.Timetable.Planned;
import itomichi.schedule.Timetable.Stretch;
import itomichi.server.days.DaysView.AtBench;
import itomichi.server.days.DaysView.BenchItem;
import itomichi.server.days.DaysView.DayBook;
import itomichi.server.days.DaysView.DayStep;
import itomichi.server.days.DaysView.DrawnDay;
import itomichi.server.days.DaysView.PlaceView;
import itomichi.server.days.DaysView.State;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Shows the days. */
final class DaysViews {

    /** Days that are drawn: what comes later is told in words. */
    private static final int LEAST_DRAWN = 14;

    private static final int MOST_DRAWN = 42;
    private final BenchDays days;
    private final ZoneId zone;
    private final LocalDate today;

    private DaysViews(BenchDays days) {
        this.days = days;
        this.zone = days.hours().zone();
        this.today = days.now().atZoneSameInstant(zone).toLocalDate();
    }

    static DaysView of(BenchDays days, HoursDocument hours, boolean told, boolean more) {
        return new DaysViews(days).view(hours, told, more);
    }

    private DaysView view(HoursDocument hours, boolean told, boolean more) {
        return new DaysView(
                today.toString(),
                place(days.minute()),
                zone.getId(),
                hours,
                told,
                drawn(),
                books(),
                next().orElse(null),
                days.trouble(),
                more);
    }

    private LocalDateTime local(long minute) {
        return Days.local(minute, zone);
    }

    private LocalDateTime local(OffsetDateTime time) {
        return time.atZoneSameInstant(zone).toLocalDateTime();
    }

    private double place(long minute) {
        return Days.since(today, local(minute));
    }

    private PlaceView place(long from, long to) {
        return new PlaceView(place(from), place(to));
    }

    /** As many days as the work takes, within limits. */
    private List<DrawnDay> drawn() {
        double last = days.table().books().values().stream()
                .map(Timetable.Book::ready)
                .filter(OptionalLong::isPresent)
                .mapToDouble(ready -> place(ready.getAsLong()))
                .max()
                .orElse(0);
        int number = (int) Math.min(MOST_DRAWN, Math.max(LEAST_DRAWN, Math.ceil(last) + 1));
        return IntStream.range(0, number)
                .mapToObj(today::plusDays)
                .map(this::drawn)
                .toList();
    }

    private DrawnDay drawn(LocalDate day) {
        BenchHours hours = days.hours();
        List<PlaceView> open = hours.off().contains(day)
                ? List.of()
                : hours.week().getOrDefault(day.getDayOfWeek(), List.of()).stream()
                        .map(span -> new PlaceView(
                                Days.since(today, day.atTime(span.from())), Days.since(today, day.atTime(span.to()))))
                        .toList();
        return new DrawnDay(day.toString(), Days.shortDay(day), hours.off().contains(day), open);
    }

    /** What is wanted soonest comes first; what nobody waits for as it is ready. */
    private List<DayBook> books() {
        List<BookWork> works = new ArrayList<>(days.works());
        works.sort(
                Comparator.<BookWork, LocalDate>comparing(work -> work.wanted().orElse(LocalDate.MAX))
                        .thenComparing(work -> days.planned(work)
                                .map(Timetable.Book::ready)
                                .flatMap(DaysViews::some)
                                .orElse(0L))
                        .thenComparing(work -> work.book().document().name()));
        return works.stream().map(this::book).toList();
    }

    private static Optional<Long> some(OptionalLong number) {
        return number.isPresent() ? Optional.of(number.getAsLong()) : Optional.empty();
    }

    private DayBook book(BookWork work) {
        Optional<Timetable.Book> planned = days.planned(work);
        Optional<Long> ready = planned.map(Timetable.Book::ready).flatMap(DaysViews::some);
        long late = planned.map(Timetable.Book::lateMinutes).orElse(0L);
        Map<String, Planned> places = new HashMap<>();
        planned.ifPresent(
                book -> book.steps().forEach(step -> places.put(step.task().key(), step)));
        return new DayBook(
                work.book().id(),
                work.book().document().name(),
                work.wanted().map(LocalDate::toString).orElse(null),
                ready.map(minute -> Days.told(local(minute))).orElse(null),
                ready.map(this::place).orElse(null),
                work.wanted()
                        .map(day -> Days.since(today, day.plusDays(1).atStartOfDay()))
                        .orElse(null),
                late > 0 ? lateness(late) : null,
                days.help().getOrDefault(work.name(), List.of()).stream()
                        .map(this::words)
                        .toList(),
                Optional.ofNullable(days.begins().get(work.name()))
                        .map(begin -> Days.told(local(begin)))
                        .orElse(null),
                work.planned().tasks().stream()
                        .map(task -> step(work, task, places.get(task.key())))
                        .toList(),
                work.days());
    }

    private static String lateness(long minutes) {
        long nights = Math.round(minutes / (24 * 60.0));
        return nights == 0 ? "less than a day late" : nights == 1 ? "a day late" : nights + " days late";
    }

    private String words(Help help) {
        String what = switch (help.kind()) {
            case ALONE -> "If everything else waits for it";
            case HOUR_MORE -> "With an hour more on each day";
            case PLACE_MORE -> "With one place more under a weight, and its boards";
        };
        return what + ": ready " + Days.told(local(help.ready())) + (help.inTime() ? ", in time." : ", still late.");
    }

    private DayStep step(BookWork work, Task task, @Nullable Planned place) {
        String key = task.key();
        boolean leftOut =
                work.list().tasks().stream().noneMatch(one -> one.key().equals(key));
        Task done = work.list().tasks().stream()
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElse(task);
        Optional<StepLog> open = work.open(key);
        Optional<StepLog> first = work.times(key).stream().min(Comparator.comparing(StepLog::began));
        return new DayStep(
                key,
                task.stage(),
                InUnits.of(task.words()),
                done.minutes(),
                done.minutes() == task.minutes() ? null : task.minutes(),
                done.liesWords(),
                task.lying() == Lying.NOT ? null : done.lies(),
                done.lies() == task.lies() ? null : task.liesWords(),
                done.working().map(PlanViews::working).orElse(null),
                state(work, key),
                leftOut,
                place == null
                        ? List.of()
                        : place.hands().stream()
                                .map(hand -> place(hand.from(), hand.to()))
                                .toList(),
                place == null || !done.waits() ? null : place(place.ends(), place.ready()),
                place == null ? null : Days.told(local(place.begins())),
                place == null ? null : local(place.begins()).toString(),
                first.map(log -> Days.told(local(log.began()))).orElse(null),
                work.finished(key)
                        .map(StepLog::ended)
                        .map(ended -> Days.told(local(ended)))
                        .orElse(null),
                open.filter(log -> log.forgotten(days.now())).isPresent(),
                work.days().steps().stream()
                        .filter(step -> step.key().equals(key))
                        .findFirst()
                        .map(DaysDocument.StepSent::notBefore)
                        .orElse(null),
                DaysDocument.own(key),
                work.saidByBook(key));
    }

    private static State state(BookWork work, String key) {
        if (work.done(key)) {
            return State.DONE;
        }
        return work.open(key).isPresent() ? State.BEGUN : work.times(key).isEmpty() ? State.OPEN : State.LEFT;
    }

    /** The first day that has work, from now on. */
    private Optional<AtBench> next() {
        List<BenchItem> items = new ArrayList<>();
        LocalDate first = null;
        int minutes = 0;
        List<Here> all = new ArrayList<>();
        for (BookWork work : days.works()) {
            days.planned(work)
                    .ifPresent(book -> book.steps()
                            .forEach(step -> step.hands().forEach(hand -> all.add(new Here(work, step, hand)))));
        }
        all.sort(Comparator.comparingLong(here -> here.hand().from()));
        for (Here here : all) {
            LocalDate day = local(here.hand().from()).toLocalDate();
            first = first == null ? day : first;
            if (day.equals(first)) {
                items.add(item(here));
                minutes += (int) here.hand().minutes();
            }
        }
        return first == null
                ? Optional.empty()
                : Optional.of(new AtBench(Days.day(first), first.equals(today), items, minutes));
    }

    /** A hand on a step of a book. */
    private record Here(BookWork work, Planned step, Stretch hand) {}

    private BenchItem item(Here here) {
        Task task = here.step().task();
        boolean last = here.hand().to() == here.step().ends();
        return new BenchItem(
                here.work().book().id(),
                here.work().book().document().name(),
                task.key(),
                InUnits.of(task.words()),
                Days.time(local(here.hand().from())),
                Days.time(local(here.hand().to())),
                last ? task.liesWords() : "",
                state(here.work(), task.key()));
    }
}
