package itomichi.schedule;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/**
 * Something that makes a late book ready sooner, tried.
 *
 * @param kind what is done
 * @param ready the minute by the clock at which the book is then ready
 * @param inTime whether that is by the day it is wanted
 */
public record Help(Kind kind, long ready, boolean inTime) {

    /** What is done. */
    public enum Kind {
        /** Everything else waits for it. */
        ALONE,
        /** An hour more on each day that has hours. */
        HOUR_MORE,
        /** One more place under a weight, and a pair of boards. */
        PLACE_MORE
    }

    private static final LocalTime LATEST = LocalTime.of(23, 59);

    /**
     * What helps a late book, the soonest first.
     *
     * @param jobs all books
     * @param late the one that is late
     * @param ready when it is ready as things are
     */
    public static List<Help> of(List<Job> jobs, Job late, BenchHours hours, long now, long ready) {
        List<Help> help = new ArrayList<>();
        tried(Kind.ALONE, List.of(late), late, hours, now, ready, help);
        tried(Kind.HOUR_MORE, jobs, late, longer(hours), now, ready, help);
        if (hours.presses() < BenchHours.MOST_AT_ONCE && hours.boards() < BenchHours.MOST_AT_ONCE) {
            BenchHours more =
                    new BenchHours(hours.zone(), hours.week(), hours.off(), hours.presses() + 1, hours.boards() + 1);
            tried(Kind.PLACE_MORE, jobs, late, more, now, ready, help);
        }
        help.sort((one, other) -> Long.compare(one.ready(), other.ready()));
        return help;
    }

    private static void tried(
            Kind kind, List<Job> jobs, Job late, BenchHours hours, long now, long ready, List<Help> help) {
        Timetable.Book book = Scheduler.quick(jobs, hours, now).books().get(late.name());
        OptionalLong then = book == null ? OptionalLong.empty() : book.ready();
        if (then.isPresent() && then.getAsLong() < ready) {
            help.add(new Help(
                    kind, then.getAsLong(), then.getAsLong() <= late.wanted().orElse(Long.MAX_VALUE)));
        }
    }

    /** The last hours of each day an hour longer, as far as the day goes. */
    private static BenchHours longer(BenchHours hours) {
        Map<DayOfWeek, List<BenchHours.Span>> week = new HashMap<>();
        hours.week().forEach((day, spans) -> {
            List<BenchHours.Span> more = new ArrayList<>(spans);
            BenchHours.Span last = more.remove(more.size() - 1);
            LocalTime to =
                    last.to().isAfter(LATEST.minusHours(1)) ? LATEST : last.to().plusHours(1);
            more.add(new BenchHours.Span(last.from(), to.isAfter(last.to()) ? to : last.to()));
            week.put(day, more);
        });
        return new BenchHours(hours.zone(), week, hours.off(), hours.presses(), hours.boards());
    }
}
