package itomichi.course;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.cover.CoverStep;
import itomichi.finding.Stage;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Paces;
import itomichi.plan.UsedUp;
import itomichi.punching.HoleGroup;
import itomichi.schedule.Handling;
import itomichi.schedule.Practice;
import itomichi.schedule.Task;
import itomichi.spec.EditionWish;
import itomichi.structure.Hands;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

    private static final String COVER_PIERCED = "punch-cover";

    private static final Set<String> ALWAYS_AHEAD =
            Set.of(WorkList.GRAIN, Paces.CUT, WorkList.WAX, Paces.COVER_CUT, WorkList.ofCover(WorkList.GRAIN));

    public Course {
        steps = List.copyOf(steps);
    }

    /** Works a class out. */
    public static Course of(CourseWish wish) {
        BookPlan plan = Planner.planUnmended(AsMade.of(wish));
        return new Course(wish, plan, new Steps(wish, plan).all());
    }

    /** What is otherwise than at the binder's own table. */
    public List<Phrase> otherwise() {
        return AsMade.otherwise(wish, plan);
    }

    /** Why hands of that kind cannot make the book; nothing where they can. */
    public Optional<Phrase> unfit() {
        return AsMade.unfit(wish, plan);
    }

    /** The usual caution with what is done in it. */
    public String caution() {
        String care = wish.ahead().contains(Ahead.PUNCHED)
                ? ""
                : plan.holes()
                        .map(holes -> holes.groups().get(0).tool().care() + " ")
                        .orElse("");
        return care + "Local rules and trained practice come first.";
    }

    /** Whether it may be held so: these hands can make the book, and most come to the end. */
    public boolean fits() {
        return fit().fits() && unfit().isEmpty();
    }

    /** What lies in each envelope and on each table. */
    public Kit kit() {
        return Kit.of(wish, plan.worked());
    }

    /** Sheets that are to be had at their size, for all kits: what is cut from larger ones is among {@link #used}. */
    public List<Kit.Item> uncut() {
        return Kit.uncut(wish, plan.worked());
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
                    if (task.key().equals(Paces.PUNCH)) {
                        coverPierced().ifPresent(before::add);
                    }
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

        /** Holes of a cover that children are not given to make: they lie too near each other for a paper punch. */
        private int coverHoles() {
            return wish.hands() == Hands.CHILDREN
                    ? plan.holes().stream()
                            .flatMap(holes -> holes.groups().stream())
                            .filter(group -> group.through() == HoleGroup.Through.COVER)
                            .mapToInt(HoleGroup::number)
                            .sum()
                    : 0;
        }

        /** Holes of one book that are punched in class. */
        private int punchedInClass() {
            return plan.holes().orElseThrow().list().holes() - coverHoles();
        }

        private Working punching(int holes) {
            return Handling.PUNCH.time(holes, Practice.ONE, Paces.of(plan.spec(), Paces.PUNCH));
        }

        private Optional<CourseStep> coverPierced() {
            int each = coverHoles();
            return each == 0
                    ? Optional.empty()
                    : Optional.of(new CourseStep(
                            COVER_PIERCED,
                            Who.TEACHER,
                            Phrase.of("Pierce the {} holes of each of {} covers", each, wish.kits()),
                            punching(each * wish.kits()),
                            0));
        }

        private Working practised(Task task) {
            return task.key().equals(Paces.PUNCH) && coverHoles() > 0
                    ? punching(punchedInClass())
                    : task.working().orElseThrow();
        }

        private CourseStep inClass(Task task) {
            double practised = practised(task).result().number();
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
                return Phrase.of("Punch {} holes by the template", punchedInClass());
            }
            if (task.key().equals(WorkList.WAX) && wish.hands() == Hands.CHILDREN) {
                return yarnCut();
            }
            return WorkList.isOfCover(task.key()) && task.stage() == Stage.COVER
                    ? Phrase.of("The cover. {}", task.words())
                    : task.words();
        }

        /** Yarn is not waxed: an end that is stiff finds its hole and the needle's eye. */
        private Phrase yarnCut() {
            List<Length> pieces = plan.sewn().need().pieces();
            return Phrase.of(
                    "Cut {} of yarn for each of {} envelopes; stiffen an end of each with glue, or tape round it",
                    pieces.size() == 1
                            ? Phrase.of("{}", pieces.get(0).at(Fineness.THREAD))
                            : Phrase.of("{} lengths", pieces.size()),
                    wish.kits());
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
