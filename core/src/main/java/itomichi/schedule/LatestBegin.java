package itomichi.schedule;

import java.util.List;
import java.util.OptionalLong;

/** When a book must be begun for the day it is wanted, if nothing else is done meanwhile. */
public final class LatestBegin {

    private LatestBegin() {}

    /**
     * The minute by the clock at which its first step is begun at the latest; nothing where it is late already, or wanted by nobody.
     *
     * <p>Bisection over the days until then: what is begun later is not ready sooner.
     *
     * @param now the minute by the clock from which on there is a hand
     * @throws IllegalArgumentException if nobody is ever at the bench
     */
    public static OptionalLong of(Job job, BenchHours hours, long now) {
        if (job.wanted().isEmpty() || job.tasks().isEmpty()) {
            return OptionalLong.empty();
        }
        long wanted = job.wanted().getAsLong();
        OptionalLong best = begun(job, hours, now, wanted);
        long low = 0;
        long high = Math.max(0, (wanted - now) / DAY);
        while (best.isPresent() && low < high) {
            long middle = (low + high + 1) / 2;
            OptionalLong begun = begun(job, hours, now + middle * DAY, wanted);
            if (begun.isPresent()) {
                best = begun;
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return best;
    }

    private static final long DAY = 24 * 60;

    private static OptionalLong begun(Job job, BenchHours hours, long from, long wanted) {
        Timetable.Book book = Scheduler.first(List.of(job), hours, from).books().get(job.name());
        return book != null
                        && book.ready().orElse(from) <= wanted
                        && !book.steps().isEmpty()
                ? OptionalLong.of(book.steps().get(0).begins())
                : OptionalLong.empty();
    }
}
