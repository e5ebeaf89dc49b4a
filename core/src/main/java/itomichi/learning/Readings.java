package itomichi.learning;

import itomichi.book.BookPlan;
import itomichi.book.WorkList;
import itomichi.cover.Dimension;
import itomichi.cover.SewnBlock;
import itomichi.gathering.Gathered;
import itomichi.learning.Habit.Kind;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.notebook.NotebookPage;
import itomichi.plan.PaperPlan;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.structure.Hands;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads a finished book's page for what it says of habits. What was not measured says nothing. */
public final class Readings {

    /** Of a shorter step a minute more or less says nothing of the hands. */
    private static final int LEAST_MINUTES = 5;

    private static final Map<String, String> STEPS = steps();

    private final BookPlan plan;
    private final Map<String, Double> came;
    private final List<Reading> readings = new ArrayList<>();

    private Readings(BookPlan plan, Map<String, Double> came) {
        this.plan = plan;
        this.came = came;
    }

    private static Map<String, String> steps() {
        Map<String, String> steps = new LinkedHashMap<>();
        steps.put("cut", "Cut sheets");
        steps.put("fold", "Fold");
        steps.put("collate", "Gather and look through");
        steps.put("punch", "Punch");
        steps.put(WorkList.SEW, "Sew");
        steps.put("cover-cut", "Cut for the cover");
        return steps;
    }

    /**
     * What a book says.
     *
     * @param plan the book as it was planned
     * @param came what came out, by the keys of its page: mm, sheets, minutes
     */
    public static List<Reading> of(BookPlan plan, Map<String, Double> came) {
        Readings read = new Readings(plan, came);
        read.bulk();
        read.spring();
        read.slack();
        read.pace();
        return List.copyOf(read.readings);
    }

    private SewnBlock block() {
        return plan.covering().base().block();
    }

    /** What is pasted in, and papers of two kinds, cannot be told apart at the fore edge. */
    private void bulk() {
        BookSpec spec = plan.spec();
        Dimension edge = block().foreEdge();
        if (edge.measured().isEmpty()
                || plan.papers().size() > 1
                || spec.gathering().pasteIns().isMoreThan(Length.ZERO)) {
            return;
        }
        PaperPlan paper = plan.papers().get(0);
        double planned = paper.thickness().length().mm();
        double ratio = edge.measured().get().mm() / edge.planned().mm();
        String name = paper.paper().paper().name();
        readings.add(new Reading(new Habit(Kind.BULK, name, name), planned * ratio, planned));
    }

    /** What the spine is thicker than the fore edge, less the thread as it is planned: the folds. */
    private void spring() {
        Optional<Gathered.InSignatures> folded = plan.gathered().folded();
        Optional<Length> spine = block().spine().measured();
        Optional<Length> edge = block().foreEdge().measured();
        if (folded.isEmpty()
                || folded.get().block().signatures().size() == 1
                || spine.isEmpty()
                || edge.isEmpty()
                || plan.spec().gathering().pasteIns().isMoreThan(Length.ZERO)) {
            return;
        }
        var pressing = plan.spec().gathering().pressing();
        double swell = folded.get().block().swell().length().mm();
        double spring = (spine.get().mm() - swell) / edge.get().mm() - 1;
        readings.add(new Reading(
                new Habit(Kind.SPRING, pressing.name(), pressing.words()), spring * 100, pressing.spring() * 100));
    }

    private void slack() {
        Double cut = came.get(NotebookPage.THREAD_CUT);
        Double left = came.get(NotebookPage.THREAD_LEFT);
        if (cut == null || left == null || left >= cut || plan.sewing().isEmpty()) {
            return;
        }
        var structure = plan.spec().bound();
        Length used = Length.ofMm((cut - left) / plan.spec().use().copies());
        readings.add(new Reading(
                new Habit(Kind.SLACK, structure.key(), structure.name()),
                plan.sewn().need().slackPercentOf(used),
                plan.spec().thread().slackPercent()));
    }

    private void pace() {
        Hands hands = plan.spec().use().hands();
        Map<String, double[]> sums = new LinkedHashMap<>();
        for (Task task : WorkList.of(plan).tasks()) {
            Double minutes = came.get(NotebookPage.MINUTES + task.key());
            String step = task.key().replaceAll("-\\d+$", "");
            if (minutes != null && STEPS.containsKey(step)) {
                double[] sum = sums.computeIfAbsent(step, none -> new double[2]);
                sum[0] += minutes;
                sum[1] += task.minutes();
            }
        }
        sums.forEach((step, sum) -> {
            if (sum[1] >= LEAST_MINUTES) {
                String name = Phrase.of("{}, {} hands", STEPS.getOrDefault(step, step), hands.words())
                        .in(Unit.MM);
                readings.add(new Reading(new Habit(Kind.PACE, step + "/" + hands, name), 100 * sum[0] / sum[1], 100));
            }
        });
    }
}
