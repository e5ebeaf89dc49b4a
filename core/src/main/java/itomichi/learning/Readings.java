package itomichi.learning;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.cover.Dimension;
import itomichi.cover.SewnBlock;
import itomichi.gathering.Block;
import itomichi.gathering.Gathered;
import itomichi.habit.Habit;
import itomichi.habit.Learned;
import itomichi.lookover.LookOver;
import itomichi.measure.Length;
import itomichi.notebook.NotebookPage;
import itomichi.plan.Paces;
import itomichi.plan.PaperPlan;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Reads a finished book's page for what it says of habits. What was not measured says nothing.
 *
 * <p>A book is read against common practice, whatever was learned when it was planned: else each book would only say how far the last lesson
 * was off.
 */
public final class Readings {

    /** Of a step as short as this, a minute more or less says nothing of the hands. */
    private static final int SHORT_MINUTES = 4;

    private static final int PERCENT = 100;

    private final BookPlan plan;
    private final Map<String, Double> came;
    private final List<Reading> readings = new ArrayList<>();

    private Readings(BookPlan plan, Map<String, Double> came) {
        this.plan = plan;
        this.came = came;
    }

    /**
     * What a book says.
     *
     * @param book as its binder wanted it
     * @param came what came out, by the keys of its page and of what was looked over: mm, sheets, minutes
     */
    public static List<Reading> of(BookSpec book, Map<String, Double> came) {
        Readings read = new Readings(Planner.planUnmended(book.withLearned(Learned.NONE)), came);
        read.bulk();
        read.folds();
        read.slack();
        read.pace();
        return List.copyOf(read.readings);
    }

    private void add(BookHabit known, double value) {
        readings.add(new Reading(known.habit(), value, known.usual()));
    }

    private SewnBlock block() {
        return plan.covering().base().block();
    }

    /** What is pasted in, and papers of two kinds, cannot be told apart at the fore edge. */
    private void bulk() {
        BookSpec spec = plan.spec();
        Dimension edge = block().foreEdge();
        if (edge.measured().isEmpty() || plan.papers().size() > 1 || spec.pastedIn()) {
            return;
        }
        PaperPlan paper = plan.papers().get(0);
        double planned = paper.thickness().length().mm();
        double ratio = edge.measured().get().mm() / edge.planned().mm();
        add(BookHabit.bulk(paper), planned * ratio);
    }

    /** Paper and thread at the folds: what is not the sheets themselves is spring, and thread that did not sink in. */
    private void folds() {
        Optional<Gathered.InSignatures> folded = plan.gathered().folded();
        Optional<Length> edge = block().foreEdge().measured();
        if (folded.isEmpty()
                || folded.get().block().signatures().size() == 1
                || edge.isEmpty()
                || plan.spec().pastedIn()) {
            return;
        }
        Block block = folded.get().block();
        double edgeMm = edge.get().mm();
        Optional<Double> sewn = block().spine().measured().map(Length::mm);
        // measured before it is sewn, spring and thread are told apart; else the thread is as planned
        Optional<Double> unsewn = Optional.ofNullable(came.get(LookOver.STACK_AT_FOLDS));
        unsewn.or(() -> sewn.map(mm -> mm - block.swell().length().mm()))
                .ifPresent(stackMm -> add(BookHabit.spring(plan.spec()), (stackMm / edgeMm - 1) * PERCENT));
        double wholeMm = block.swell().length().mm() / block.thread().left();
        if (unsewn.isPresent() && sewn.isPresent() && wholeMm > 0) {
            add(BookHabit.sink(folded.get()), (sewn.get() - unsewn.get()) / wholeMm * PERCENT);
        }
    }

    private void slack() {
        Double cut = came.get(NotebookPage.THREAD_CUT);
        Double left = came.get(NotebookPage.THREAD_LEFT);
        if (cut == null || left == null || left >= cut || plan.sewing().isEmpty()) {
            return;
        }
        BookSpec spec = plan.spec();
        Length used = Length.ofMm((cut - left) / spec.use().copies());
        add(BookHabit.slack(spec), plan.sewn().need().slackPercentOf(used));
    }

    private void pace() {
        Map<Habit, double[]> sums = new LinkedHashMap<>();
        for (Task task : WorkList.of(plan).tasks()) {
            Double minutes = came.get(NotebookPage.MINUTES + task.key());
            Optional<Habit> habit = Paces.habit(plan.spec(), task.key());
            if (minutes != null && habit.isPresent()) {
                double[] sum = sums.computeIfAbsent(habit.get(), none -> new double[2]);
                sum[0] += minutes;
                sum[1] += task.working().orElseThrow().result().number();
            }
        }
        sums.forEach((habit, sum) -> {
            if (sum[1] > SHORT_MINUTES) {
                readings.add(new Reading(habit, PERCENT * sum[0] / sum[1], PERCENT));
            }
        });
    }
}
