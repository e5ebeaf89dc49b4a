package itomichi.course;

import itomichi.advice.Use;
import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.cover.CoverStep;
import itomichi.finding.Stage;
import itomichi.gathering.Pressing;
import itomichi.habit.Habit;
import itomichi.measure.Phrase;
import itomichi.plan.Paces;
import itomichi.plan.UsedUp;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.spec.EditionWish;
import itomichi.spec.Slack;
import itomichi.structure.Hands;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A class, worked out.
 *
 * @param wish what it is to be
 * @param plan of one book, as it is made in this class
 * @param steps in an order in which they can be done, the teacher's first
 */
public record Course(CourseWish wish, BookPlan plan, List<CourseStep> steps) {

    private static final Set<String> ALWAYS_AHEAD =
            Set.of(WorkList.GRAIN, Paces.CUT, WorkList.WAX, Paces.COVER_CUT, WorkList.ofCover(WorkList.GRAIN));

    public Course {
        steps = List.copyOf(steps);
    }

    /** Works a class out. */
    public static Course of(CourseWish wish) {
        BookPlan plan = Planner.planUnmended(inClass(wish));
        return new Course(wish, plan, new Steps(wish, plan).all());
    }

    /**
     * The book as it is made there: by those hands and with as much more thread as they need, and what is folded in class is not pressed
     * overnight.
     */
    private static BookSpec inClass(CourseWish wish) {
        BookSpec book = wish.book();
        BookSpec.Sewing thread = book.thread();
        double slack = thread.slackPercent() + CourseTime.moreSlack(wish.hands());
        BookSpec by = book.with(made -> made.use(new Use(book.use().needs(), 1, wish.hands()))
                .edition(EditionWish.ALIKE)
                .done(Set.of())
                .learned(book.learned().without(Habit.Kind.SLACK))
                .thread(thread.withSlackPercent(Math.min(Slack.MOST_PERCENT, slack))));
        return wish.ahead().contains(Ahead.FOLDED)
                ? by
                : by.withGathering(by.gathering().withPressing(Pressing.FRESH));
    }

    /** What lies in each envelope and on each table. */
    public Kit kit() {
        return Kit.of(wish, plan.worked());
    }

    /** What all kits use up. */
    public UsedUp used() {
        return UsedUp.of(plan.worked(), List.of(new UsedUp.Copies(0, wish.kits())));
    }

    /** The teacher's steps, or those of the class. */
    public List<CourseStep> steps(boolean before) {
        return steps.stream()
                .filter(step -> (step.who() == Who.TEACHER) == before)
                .toList();
    }

    /** Minutes of the class: usual, quick and slow hands; what lies is waited for. */
    public Minutes minutes() {
        double usual = CourseTime.BESIDES;
        double quick = CourseTime.BESIDES;
        double slow = CourseTime.BESIDES;
        for (CourseStep step : steps(false)) {
            usual += step.minutes().result().number() + step.lies();
            quick += step.minutes().range().orElseThrow().low().number() + step.lies();
            slow += step.minutes().range().orElseThrow().high().number() + step.lies();
        }
        return new Minutes((int) Math.ceil(usual), (int) Math.ceil(quick), (int) Math.ceil(slow));
    }

    /**
     * How long it takes, what is done besides counted.
     *
     * @param usual half of those who come take less
     * @param quick one of ten takes less
     * @param slow one of ten takes more
     */
    public record Minutes(int usual, int quick, int slow) {}

    /** Minutes of the teacher before the class, all kits together. */
    public int before() {
        return (int) Math.ceil(steps(true).stream()
                .mapToDouble(step -> step.minutes().result().number())
                .sum());
    }

    /** Minutes to come in, to be shown the first step and to tidy up. */
    public int besides() {
        return CourseTime.BESIDES;
    }

    /** Minutes that adults are at a blade or a point in class, for everybody. */
    public int atBlade() {
        return (int) Math.ceil(steps.stream()
                .filter(step -> step.who() == Who.ADULT)
                .mapToDouble(step -> step.minutes().result().number())
                .sum());
    }

    /** Minutes that are waited for in class while something lies. */
    public int waited() {
        return steps(false).stream().mapToInt(CourseStep::lies).sum();
    }

    /** Whether the time that there is is enough. */
    public Fit fit() {
        Minutes minutes = minutes();
        return minutes.slow() <= wish.minutes()
                ? Fit.ALL
                : minutes.usual() <= wish.minutes() ? Fit.MOST : minutes.quick() <= wish.minutes() ? Fit.FEW : Fit.NONE;
    }

    /** Who comes to the end. */
    public enum Fit {
        ALL("Everybody comes to the end"),
        MOST("Most come to the end, slow hands do not"),
        FEW("Only quick hands come to the end"),
        NONE("Nobody comes to the end");

        private final String words;

        Fit(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether a class may be held so. */
        public boolean fits() {
            return this == ALL || this == MOST;
        }
    }

    /** Parts the steps of a book among those who are there. */
    private static final class Steps {
        private final CourseWish wish;
        private final BookPlan plan;
        private final Set<String> sharp;

        Steps(CourseWish wish, BookPlan plan) {
            this.wish = wish;
            this.plan = plan;
            this.sharp = plan.covering().work().steps().stream()
                    .filter(CoverStep::sharp)
                    .map(step -> WorkList.ofCover(step.key()))
                    .collect(Collectors.toSet());
        }

        List<CourseStep> all() {
            List<Task> one = WorkList.of(plan).tasks();
            // the teacher makes all kits ready in batches
            WorkList batch = WorkList.of(plan.worked().made(wish.kits(), EditionWish.ALIKE));
            List<CourseStep> before = new ArrayList<>();
            List<CourseStep> inClass = new ArrayList<>();
            for (Task task : one) {
                if (who(task) == Who.TEACHER) {
                    Task all = batch.tasks().stream()
                            .filter(other -> other.key().equals(task.key()))
                            .findFirst()
                            .orElseThrow();
                    before.add(new CourseStep(
                            task.key(), Who.TEACHER, words(all), all.working().orElseThrow(), 0));
                } else {
                    inClass.add(inClass(task));
                }
            }
            before.addAll(lastNeverLies(inClass));
            return before;
        }

        /** What lies last is taken home as it lies. */
        private static List<CourseStep> lastNeverLies(List<CourseStep> steps) {
            List<CourseStep> all = new ArrayList<>(steps);
            for (int i = all.size() - 1; i >= 0; i--) {
                CourseStep step = all.get(i);
                if (step.lies() > 0) {
                    boolean only = all.subList(i + 1, all.size()).stream()
                            .allMatch(later -> later.key().equals(WorkList.LOOK));
                    if (only) {
                        all.set(i, new CourseStep(step.key(), step.who(), step.words(), step.minutes(), 0));
                    }
                    break;
                }
            }
            return all;
        }

        private CourseStep inClass(Task task) {
            double practised = task.working().orElseThrow().result().number();
            Who who = who(task);
            return new CourseStep(
                    task.key(),
                    who,
                    words(task),
                    who == Who.ADULT
                            ? CourseTime.adults(practised, wish.people(), 1 + wish.helpers())
                            : CourseTime.each(
                                    practised, task.key().equals(WorkList.LOOK) ? Hands.PRACTISED : wish.hands()),
                    task.lies());
        }

        /** Steps of the cover say what of: beside those of the sheets nobody could tell; templates are printed before. */
        private Phrase words(Task task) {
            if (task.key().equals(Paces.PUNCH) && who(task) != Who.TEACHER) {
                int holes = plan.holes().orElseThrow().list().holes();
                return Phrase.of("Punch {} holes by the template", holes);
            }
            return WorkList.isOfCover(task.key()) && task.stage() == Stage.COVER
                    ? Phrase.of("The cover. {}", task.words())
                    : task.words();
        }

        private Who who(Task task) {
            if (ALWAYS_AHEAD.contains(Paces.step(task.key())) || foldedBefore(task) || punchedBefore(task)) {
                return Who.TEACHER;
            }
            return wish.hands() == Hands.CHILDREN && sharp.contains(task.key()) ? Who.ADULT : Who.EACH;
        }

        private boolean foldedBefore(Task task) {
            return wish.ahead().contains(Ahead.FOLDED) && task.stage() == Stage.GATHER;
        }

        private boolean punchedBefore(Task task) {
            return wish.ahead().contains(Ahead.PUNCHED) && task.key().equals(Paces.PUNCH);
        }
    }
}
