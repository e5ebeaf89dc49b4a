package itomichi.schedule;

import java.util.ArrayList;
import java.util.List;

/** What is taken already of the hands, of the places under a weight and of the pressing boards. */
final class Lanes {

    private final Shifts shifts;
    private final BenchHours hours;
    /** In the order of time, in minutes of work; none touches another twice. */
    private final List<Taken> hands = new ArrayList<>();
    /** By the clock. */
    private final List<Taken> weights = new ArrayList<>();
    /** By the clock. */
    private final List<Taken> boards = new ArrayList<>();

    /**
     * Where a step was laid.
     *
     * @param from the minute of work at which it begins
     * @param ends the minute by the clock at which the last hand leaves it
     */
    record Place(long from, long ends) {}

    private record Taken(long from, long to, int book) {}

    Lanes(Shifts shifts, BenchHours hours) {
        this.shifts = shifts;
        this.hours = hours;
    }

    /** Something lies already. */
    void lies(long now, Job.Lies lies) {
        take(now, lifted(lies.until()), lies.how().under());
    }

    /**
     * Lays a step into the first place there is for it.
     *
     * @param earliest minute by the clock
     * @param book number of its book
     */
    Place lay(Task task, long earliest, int book) {
        long at = shifts.workFrom(earliest);
        while (true) {
            at = handFree(at, task);
            long ends =
                    task.minutes() == 0 ? Math.max(earliest, shifts.beginning(at)) : shifts.ending(at + task.minutes());
            long lifted = lifted(ends + task.lies());
            long free = roomFrom(ends, lifted, task.lying().under());
            if (free <= ends) {
                takeHand(at, task.minutes(), book);
                take(ends, lifted, task.lying().under());
                return new Place(at, ends);
            }
            at = Math.max(at + 1, shifts.workFrom(free) - task.minutes());
        }
    }

    /** How often a hand goes from one book to another. */
    int changes() {
        int changes = 0;
        for (int i = 1; i < hands.size(); i++) {
            changes += hands.get(i).book() == hands.get(i - 1).book() ? 0 : 1;
        }
        return changes;
    }

    private long handFree(long from, Task task) {
        long at = from;
        while (true) {
            long gap = gap(at, task.minutes());
            long whole = task.inOneGo() && task.minutes() > 0 ? shifts.inOneGo(gap, task.minutes()) : gap;
            if (whole == gap) {
                return gap;
            }
            at = whole;
        }
    }

    /** The first minute of work from which the hands are free for so many. */
    private long gap(long from, int minutes) {
        long at = from;
        if (minutes == 0) {
            return at;
        }
        for (int i = firstAfter(from); i < hands.size(); i++) {
            Taken taken = hands.get(i);
            if (at + minutes <= taken.from()) {
                return at;
            }
            at = Math.max(at, taken.to());
        }
        return at;
    }

    /** The first that ends after a minute of work. */
    private int firstAfter(long work) {
        int low = 0;
        int high = hands.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (hands.get(middle).to() <= work) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private void takeHand(long from, int minutes, int book) {
        if (minutes > 0) {
            hands.add(firstAfter(from), new Taken(from, from + minutes, book));
        }
    }

    /** From when on there is room for something that would lie so long; the minute itself where there is. */
    private long roomFrom(long from, long to, Lying.Under under) {
        return switch (under) {
            case NOTHING -> from;
            case WEIGHT -> roomFrom(weights, hours.presses(), from, to);
            case BOARDS ->
                Math.max(roomFrom(weights, hours.presses(), from, to), roomFrom(boards, hours.boards(), from, to));
        };
    }

    private static long roomFrom(List<Taken> lane, int places, long from, long to) {
        List<Taken> beside = new ArrayList<>();
        long soonest = Long.MAX_VALUE;
        for (Taken taken : lane) {
            if (taken.from() < to && from < taken.to()) {
                beside.add(taken);
                soonest = Math.min(soonest, taken.to());
            }
        }
        if (beside.size() < places || mostAtOnce(beside) < places) {
            return from;
        }
        return soonest;
    }

    private static int mostAtOnce(List<Taken> beside) {
        int most = 0;
        for (Taken one : beside) {
            int at = 0;
            for (Taken other : beside) {
                if (other.from() <= one.from() && one.from() < other.to()) {
                    at++;
                }
            }
            most = Math.max(most, at);
        }
        return most;
    }

    /** What lies is lifted out when somebody is at the bench again. */
    private long lifted(long until) {
        return shifts.beginning(shifts.workFrom(until));
    }

    private void take(long from, long to, Lying.Under under) {
        if (under == Lying.Under.NOTHING || from >= to) {
            return;
        }
        Taken taken = new Taken(from, to, 0);
        weights.add(taken);
        if (under == Lying.Under.BOARDS) {
            boards.add(taken);
        }
    }
}
