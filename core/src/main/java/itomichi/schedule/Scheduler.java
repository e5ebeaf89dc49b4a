package itomichi.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.PriorityQueue;
import java.util.stream.LongStream;

/**
 * Lays the steps of several books into the hours of one pair of hands.
 *
 * <p>Serial schedule generation: of the steps that may be done, the most urgent is laid into the first place that has room for it (Kelley,
 * The critical-path method: resources planning and scheduling, 1963; Kolisch, Serial and parallel resource-constrained project scheduling
 * methods revisited, 1996; both from memory). Urgency is first the latest begin that a wanted day allows; then it is shifted about, and what
 * gives a better plan is kept. Own departures: work is counted in minutes at the bench, laid end to end, so that a step goes on after a night,
 * while what lies is counted by the clock; and a place under a weight is free again only when somebody is at the bench.
 *
 * <p>Better is: less lateness of all books together, then earlier ready days; at the end what is done on one book is drawn together. Cost:
 * for n steps about n² for each try, and at most {@value #MOST_TRIES} tries, fewer for many steps.
 */
public final class Scheduler {

    private static final int MOST_TRIES = 2_000;
    /** Steps laid in all tries together: keeps the plan of a full bench within its time. */
    private static final int STEPS_IN_ALL = 12_000;
    /** By the clock, for comparing what nobody waits for: as if wanted in a year. */
    private static final long A_YEAR = 366 * 24 * 60L;
    /** To put one book away and lay out another takes so many minutes: common practice, no source. */
    private static final double A_CHANGE = 5;
    /** More minutes than there are in any shift, or in all of them. */
    private static final double A_SHIFT = 1e9;

    private final List<Job> jobs;
    private final BenchHours hours;
    private final long now;
    private final Shifts shifts;
    private final List<Step> steps = new ArrayList<>();
    /** Numbers of the steps that wait on each. */
    private final List<List<Integer>> then = new ArrayList<>();

    /**
     * A step of one of the books.
     *
     * @param after numbers of the steps it waits on
     * @param earliest the minute by the clock before which it is not begun
     * @param tail minutes by the clock, about, from its begin until its book is ready
     */
    private record Step(int job, Task task, List<Integer> after, long earliest, double tail) {}

    private Scheduler(List<Job> jobs, BenchHours hours, long now) {
        this.jobs = jobs;
        this.hours = hours;
        this.now = now;
        this.shifts = new Shifts(hours, now);
        double spread = spread();
        for (int job = 0; job < jobs.size(); job++) {
            add(job, jobs.get(job), spread);
        }
        for (int i = 0; i < steps.size(); i++) {
            then.add(new ArrayList<>());
            for (int before : steps.get(i).after()) {
                then.get(before).add(i);
            }
        }
    }

    /**
     * A timetable.
     *
     * @param jobs the books, each with a name of its own
     * @param now the minute by the clock from which on there is a hand
     * @throws IllegalArgumentException if nobody is ever at the bench
     * @throws TooLongException if the work takes longer than is planned ahead
     */
    public static Timetable plan(List<Job> jobs, BenchHours hours, long now) {
        if (!hours.any()) {
            throw new IllegalArgumentException("No hours at the bench are told: without them nothing can be planned.");
        }
        Scheduler scheduler = new Scheduler(jobs, hours, now);
        Laid best = scheduler.best(scheduler.tries());
        return scheduler.gathered(best).timetable();
    }

    /** The first try alone: for one book, whose steps wait on each other, it is about as good as any. */
    static Timetable first(List<Job> jobs, BenchHours hours, long now) {
        Scheduler scheduler = new Scheduler(jobs, hours, now);
        return scheduler.new Laid(scheduler.urgencies()).timetable();
    }

    /** With a tenth of the tries: good enough to say whether something helps. */
    static Timetable quick(List<Job> jobs, BenchHours hours, long now) {
        Scheduler scheduler = new Scheduler(jobs, hours, now);
        return scheduler.best(scheduler.tries() / 10).timetable();
    }

    /** The same, however often a hand goes from one book to another. */
    static Timetable tightest(List<Job> jobs, BenchHours hours, long now) {
        Scheduler scheduler = new Scheduler(jobs, hours, now);
        return scheduler.best(scheduler.tries()).timetable();
    }

    private void add(int number, Job job, double spread) {
        int first = steps.size();
        List<Task> tasks = job.tasks();
        double[] tails = new double[tasks.size()];
        for (int i = tasks.size() - 1; i >= 0; i--) {
            Task task = tasks.get(i);
            for (int later = i + 1; later < tasks.size(); later++) {
                if (tasks.get(later).after().contains(task.key())) {
                    tails[i] = Math.max(tails[i], tails[later]);
                }
            }
            tails[i] += task.minutes() * spread + task.lies();
        }
        Map<String, Integer> numbers = new HashMap<>();
        for (int i = 0; i < tasks.size(); i++) {
            Task task = tasks.get(i);
            numbers.put(task.key(), first + i);
            long earliest = Math.max(now, job.notBefore().getOrDefault(task.key(), now));
            List<Integer> after = new ArrayList<>();
            for (String key : task.after()) {
                Job.Lies lies = job.lying().get(key);
                if (lies != null) {
                    earliest = Math.max(earliest, lies.until());
                }
                if (numbers.containsKey(key)) {
                    after.add(numbers.get(key));
                }
            }
            steps.add(new Step(number, task, List.copyOf(after), earliest, tails[i]));
        }
    }

    /** How many minutes by the clock go by for one at the bench. */
    private double spread() {
        long week = hours.week().values().stream()
                .flatMap(List::stream)
                .mapToLong(span -> (span.to().toSecondOfDay() - span.from().toSecondOfDay()) / 60)
                .sum();
        return 7 * 24 * 60.0 / Math.max(1, week);
    }

    private double[] urgencies() {
        double[] whole = new double[jobs.size()];
        for (Step step : steps) {
            whole[step.job()] = Math.max(whole[step.job()], step.tail());
        }
        return steps.stream()
                .mapToDouble(step -> urgency(step, whole[step.job()]))
                .toArray();
    }

    private Laid best(int tries) {
        double[] urgency = urgencies();
        Laid best = new Laid(urgency);
        for (int attempt = 1; attempt <= tries && steps.size() > 1; attempt++) {
            double[] other = shifted(urgency, attempt);
            Laid laid = new Laid(other);
            if (laid.isBetterThan(best)) {
                best = laid;
                urgency = other;
            }
        }
        return best;
    }

    /**
     * About the same work in the same shifts, but what is done on one book in a shift is done in a row, as far as that costs less than the
     * changes of book it saves. In which order the books are taken up in a shift is shifted about like urgency before.
     */
    private Laid gathered(Laid best) {
        int[] shift = new int[steps.size()];
        int[] place = new int[steps.size()];
        Map<Long, Integer> places = new HashMap<>();
        for (int i = 0; i < shift.length; i++) {
            shift[i] = shifts.number(best.from[i]);
            // a number for each shift and book
            long turn = (long) shift[i] * jobs.size() + steps.get(i).job();
            place[i] = places.computeIfAbsent(turn, none -> places.size());
        }
        double[] turns = new double[places.size()];
        Arrays.fill(turns, Double.MAX_VALUE);
        for (int i = 0; i < shift.length; i++) {
            turns[place[i]] = Math.min(turns[place[i]], (double) best.from[i]);
        }
        Laid gathered = best;
        int tries = tries();
        for (int attempt = 0; attempt <= tries && turns.length > 1; attempt++) {
            double[] other = turns.clone();
            if (attempt > 0) {
                // one book takes the turn of another
                int one = (int) (spreadOut(attempt * 17L) * turns.length);
                int another = (int) (spreadOut(attempt * 29L + 3) * turns.length);
                other[one] = turns[another] + spreadOut(attempt) - 0.5;
            }
            double[] turn = new double[steps.size()];
            for (int i = 0; i < turn.length; i++) {
                turn[i] = shift[i] * A_SHIFT + other[place[i]];
            }
            Laid laid = new Laid(turn);
            if (laid.late <= gathered.late && laid.worked() < gathered.worked()) {
                gathered = laid;
                turns = other;
            }
        }
        return gathered;
    }

    private int tries() {
        return Math.min(MOST_TRIES, STEPS_IN_ALL / Math.max(1, steps.size()));
    }

    /** The latest begin; of a book nobody waits for, the shorter one is sooner done and comes first. */
    private double urgency(Step step, double whole) {
        OptionalLong wanted = jobs.get(step.job()).wanted();
        return wanted.isPresent() ? wanted.getAsLong() - step.tail() : now + A_YEAR + whole - step.tail();
    }

    /** Another order: books first, some steps, any order, all a little; each attempt shifts others, and by other amounts. */
    private double[] shifted(double[] urgency, int attempt) {
        double most = 24 * 60.0 * (1 + attempt % 7);
        double[] other = urgency.clone();
        for (int i = 0; i < other.length; i++) {
            Step step = steps.get(i);
            double book = spreadOut(attempt * 31L + step.job());
            double alone = spreadOut(attempt * 7_919L + i * 131L + 17);
            other[i] += switch (attempt % 4) {
                // a book comes before others, whenever it is wanted
                case 0 -> book < 0.34 ? -A_YEAR * 2 * (0.34 - book) : 0;
                // one step in a few
                case 1 -> alone < 0.2 ? most * 5 * (0.1 - alone) : 0;
                // any order at all
                case 2 -> A_YEAR * 4 * alone;
                default -> most * (book - 0.5) + most * (alone - 0.5);
            };
        }
        return other;
    }

    /** A number between 0 and 1 for each number, evenly spread and always the same (the finisher of MurmurHash3, from memory). */
    private static double spreadOut(long number) {
        long mixed = number * 0x9E3779B97F4A7C15L;
        mixed = (mixed ^ (mixed >>> 33)) * 0xFF51AFD7ED558CCDL;
        mixed = (mixed ^ (mixed >>> 33)) * 0xC4CEB9FE1A85EC53L;
        mixed ^= mixed >>> 33;
        return (mixed >>> 11) / (double) (1L << 53);
    }

    /** One try: all steps laid, in the order of their urgency. */
    private final class Laid {
        private final Lanes lanes;
        private final long[] ends = new long[steps.size()];
        private final long[] ready = new long[steps.size()];
        private final long[] from = new long[steps.size()];
        private final long[] readyBooks;
        private final long late;
        private final double sum;

        Laid(double[] urgency) {
            this.lanes = new Lanes(shifts, hours);
            jobs.forEach(job -> job.lying().values().forEach(lies -> lanes.lies(now, lies)));
            PriorityQueue<Integer> free = new PriorityQueue<>(
                    Comparator.<Integer>comparingDouble(i -> urgency[i]).thenComparingInt(i -> i));
            int[] waits = new int[steps.size()];
            for (int i = 0; i < steps.size(); i++) {
                waits[i] = steps.get(i).after().size();
                if (waits[i] == 0) {
                    free.add(i);
                }
            }
            for (Integer next = free.poll(); next != null; next = free.poll()) {
                lay(next);
                for (int later : then.get(next)) {
                    if (--waits[later] == 0) {
                        free.add(later);
                    }
                }
            }
            this.readyBooks = readyBooks();
            this.late = LongStream.range(0, jobs.size())
                    .map(job -> lateMinutes((int) job, readyBooks[(int) job]))
                    .sum();
            this.sum = Arrays.stream(readyBooks).mapToDouble(at -> at - now).sum();
        }

        /** When all books are ready, together, and what is lost with changes from one to another, minutes. */
        double worked() {
            return sum + A_CHANGE * lanes.changes();
        }

        private void lay(int number) {
            Step step = steps.get(number);
            long earliest = step.earliest();
            for (int before : step.after()) {
                earliest = Math.max(earliest, ready[before]);
            }
            Lanes.Place place = lanes.lay(step.task(), earliest, step.job());
            from[number] = place.from();
            ends[number] = place.ends();
            ready[number] = place.ends() + step.task().lies();
        }

        private long[] readyBooks() {
            long[] books = new long[jobs.size()];
            Arrays.fill(books, now);
            for (int job = 0; job < jobs.size(); job++) {
                for (Job.Lies lies : jobs.get(job).lying().values()) {
                    books[job] = Math.max(books[job], lies.until());
                }
            }
            for (int i = 0; i < ready.length; i++) {
                int job = steps.get(i).job();
                books[job] = Math.max(books[job], ready[i]);
            }
            return books;
        }

        private long lateMinutes(int job, long readyAt) {
            OptionalLong wanted = jobs.get(job).wanted();
            return wanted.isPresent() ? Math.max(0, readyAt - wanted.getAsLong()) : 0;
        }

        boolean isBetterThan(Laid other) {
            return late != other.late ? late < other.late : sum < other.sum;
        }

        Timetable timetable() {
            Map<String, Timetable.Book> books = new HashMap<>();
            for (int job = 0; job < jobs.size(); job++) {
                int number = job;
                List<Timetable.Planned> planned = new ArrayList<>();
                for (int i = 0; i < steps.size(); i++) {
                    if (steps.get(i).job() == number) {
                        Task task = steps.get(i).task();
                        planned.add(new Timetable.Planned(
                                task, shifts.stretches(from[i], from[i] + task.minutes()), ends[i], ready[i]));
                    }
                }
                planned.sort(
                        Comparator.comparingLong(Timetable.Planned::begins).thenComparingLong(Timetable.Planned::ends));
                boolean left = !planned.isEmpty() || !jobs.get(job).lying().isEmpty();
                books.put(
                        jobs.get(job).name(),
                        new Timetable.Book(
                                planned,
                                left ? OptionalLong.of(readyBooks[job]) : OptionalLong.empty(),
                                lateMinutes(job, readyBooks[job])));
            }
            return new Timetable(books);
        }
    }
}
