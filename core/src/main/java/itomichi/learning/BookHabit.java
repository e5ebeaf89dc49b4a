package itomichi.learning;

import itomichi.book.BookPlan;
import itomichi.book.WorkList;
import itomichi.finding.Stage;
import itomichi.gathering.Gathered;
import itomichi.gathering.Springs;
import itomichi.habit.Habit;
import itomichi.plan.Paces;
import itomichi.plan.PaperPlan;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.spec.Slack;
import java.util.ArrayList;
import java.util.List;

/**
 * A habit that shows in a book.
 *
 * @param habit the habit
 * @param stage where the book is planned by it
 * @param usual what it is planned by where nothing was learned and taken, in the unit of the habit's kind
 */
public record BookHabit(Habit habit, Stage stage, double usual) {

    private static final int PERCENT = 100;

    /** Those of a book, in the order of the work. */
    public static List<BookHabit> of(BookPlan plan) {
        BookSpec spec = plan.spec();
        List<BookHabit> habits = new ArrayList<>();
        for (PaperPlan paper : plan.papers()) {
            habits.add(bulk(paper));
        }
        plan.gathered()
                .folded()
                .filter(folded -> folded.block().signatures().size() > 1)
                .ifPresent(folded -> {
                    habits.add(spring(spec));
                    habits.add(sink(folded));
                });
        if (plan.sewing().isPresent()) {
            habits.add(slack(spec));
        }
        for (Task task : WorkList.of(plan).tasks()) {
            Paces.habit(spec, task.key())
                    .map(habit -> new BookHabit(habit, Stage.SEW, PERCENT))
                    .filter(pace -> !habits.contains(pace))
                    .ifPresent(habits::add);
        }
        return List.copyOf(habits);
    }

    static BookHabit bulk(PaperPlan paper) {
        var own = paper.paper().paper();
        return new BookHabit(own.habit(), Stage.PAPER, own.thickness().length().mm());
    }

    static BookHabit spring(BookSpec spec) {
        var pressing = spec.gathering().pressing();
        return new BookHabit(Springs.habit(pressing), Stage.GATHER, pressing.spring() * PERCENT);
    }

    static BookHabit sink(Gathered.InSignatures folded) {
        var thread = folded.block().thread();
        return new BookHabit(thread.habit(), Stage.GATHER, thread.paper().threadLeft() * PERCENT);
    }

    static BookHabit slack(BookSpec spec) {
        return new BookHabit(Slack.habit(spec), Stage.THREAD, spec.thread().slackPercent());
    }
}
