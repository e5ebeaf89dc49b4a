package itomichi.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToLongFunction;

/**
 * The hours at the bench from now on, laid end to end: a minute of work is counted as if nights were not, and told by the clock again.
 *
 * <p>Minutes by the clock are counted since 1970 in universal time, so that summer time makes an hour neither twice nor not at all.
 */
final class Shifts {

    /** Work that is not done in so many days is not planned. */
    static final int MOST_DAYS = 3_660;

    private final BenchHours hours;
    private final long now;
    private LocalDate next;
    private final LocalDate last;
    private final List<Shift> shifts = new ArrayList<>();

    /**
     * @param from by the clock
     * @param to by the clock
     * @param before minutes of work in all shifts before it
     */
    private record Shift(long from, long to, long before) {
        long after() {
            return before + to - from;
        }
    }

    /** @param now minute by the clock */
    Shifts(BenchHours hours, long now) {
        this.hours = hours;
        this.now = now;
        this.next = Instant.ofEpochSecond(now * 60).atZone(hours.zone()).toLocalDate();
        this.last = next.plusDays(MOST_DAYS);
    }

    /** The minute by the clock at which a day's time is. */
    static long clock(LocalDate day, LocalTime time, ZoneId zone) {
        return day.atTime(time).atZone(zone).toEpochSecond() / 60;
    }

    /** Lays down one more shift. */
    private boolean more() {
        int had = shifts.size();
        while (shifts.size() == had && next.isBefore(last)) {
            for (BenchHours.Span span : hours.on(next)) {
                long from = Math.max(now, clock(next, span.from(), hours.zone()));
                long to = clock(next, span.to(), hours.zone());
                if (from < to) {
                    long before =
                            shifts.isEmpty() ? 0 : shifts.get(shifts.size() - 1).after();
                    shifts.add(new Shift(from, to, before));
                }
            }
            next = next.plusDays(1);
        }
        return shifts.size() > had;
    }

    /** The first shift that ends after a moment, told by the clock or in minutes of work; more are laid down until there is one. */
    private int first(ToLongFunction<Shift> end, long moment) {
        while (shifts.isEmpty() || end.applyAsLong(shifts.get(shifts.size() - 1)) <= moment) {
            if (!more()) {
                throw new TooLongException();
            }
        }
        int low = 0;
        int high = shifts.size() - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (end.applyAsLong(shifts.get(middle)) <= moment) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The first minute of work at or after a minute by the clock. */
    long workFrom(long clock) {
        Shift shift = shifts.get(first(Shift::to, clock));
        return shift.before() + Math.max(0, clock - shift.from());
    }

    /** The number of the shift in which a minute of work lies, from 0. */
    int number(long work) {
        return first(Shift::after, work);
    }

    /** When a minute of work begins, by the clock. */
    long beginning(long work) {
        Shift shift = shifts.get(number(work));
        return shift.from() + work - shift.before();
    }

    /** When the minute of work before it ends, by the clock: the evening before, where it begins a day. */
    long ending(long work) {
        return work == 0 ? beginning(0) : beginning(work - 1) + 1;
    }

    /** The first minute of work at or after it from which so many minutes lie in one shift; itself where no shift is as long. */
    long inOneGo(long work, int minutes) {
        int at = number(work);
        int looked = at;
        while (looked < at + 50) {
            Shift shift = shifts.get(looked);
            long from = Math.max(work, shift.before());
            if (from + minutes <= shift.after()) {
                return from;
            }
            looked++;
            if (looked == shifts.size() && !more()) {
                return work;
            }
        }
        return work;
    }

    /** What of the work between two minutes of it lies in each shift, by the clock. */
    List<Timetable.Stretch> stretches(long from, long to) {
        List<Timetable.Stretch> parts = new ArrayList<>();
        long at = from;
        while (at < to) {
            Shift shift = shifts.get(number(at));
            long end = Math.min(to, shift.after());
            parts.add(new Timetable.Stretch(shift.from() + at - shift.before(), shift.from() + end - shift.before()));
            at = end;
        }
        return parts;
    }
}
