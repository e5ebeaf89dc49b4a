package itomichi.book;

import itomichi.plan.Paces;
import itomichi.plan.WorkedBook;
import itomichi.schedule.StepChange;
import itomichi.schedule.Task;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The steps of the work on a book, from the first sheet to the last look, all copies together.
 *
 * @param tasks in an order in which they can be done
 * @param done keys of those that the book itself says are done
 */
public record WorkList(List<Task> tasks, Set<String> done) {

    /** The step in which the grain of the papers is tried. */
    public static final String GRAIN = "grain";
    /** The step in which threads are cut and waxed. */
    public static final String WAX = "wax";
    /** The step of sewing, which the sewing table begins and ends by itself. */
    public static final String SEW = Paces.SEW;
    /** The last step. */
    public static final String LOOK = "look";

    private static final String COVER_STEP = "cover:";

    public WorkList {
        tasks = List.copyOf(tasks);
        done = Set.copyOf(done);
    }

    /** The steps of a book's work. */
    public static WorkList of(BookPlan plan) {
        return of(plan.worked());
    }

    /** The steps of a book's work. */
    public static WorkList of(WorkedBook book) {
        return new WorkMaker(book).list();
    }

    /** The step of the work that a step of a cover is. */
    public static String ofCover(String step) {
        return COVER_STEP + step;
    }

    /** Whether a step of the work is one of a cover. */
    public static boolean isOfCover(String task) {
        return task.startsWith(COVER_STEP);
    }

    /** Minutes with a hand on it, all steps together. */
    public int minutes() {
        return tasks.stream().mapToInt(Task::minutes).sum();
    }

    /** Steps that are done where these are: whatever one of them waited on is done, too. */
    public Set<String> doneWith(Set<String> more) {
        Set<String> all = new HashSet<>(done);
        all.addAll(more);
        for (int i = tasks.size() - 1; i >= 0; i--) {
            if (all.contains(tasks.get(i).key())) {
                all.addAll(tasks.get(i).after());
            }
        }
        return all;
    }

    /**
     * The same as its binder does it.
     *
     * @param changes of steps, by key; one of a step that is not there changes nothing
     * @param added steps of the binder's own, each after the one that it names, or first
     */
    public WorkList with(Map<String, StepChange> changes, List<Task> added) {
        List<Task> list = new ArrayList<>(tasks);
        for (Task more : added) {
            list = inserted(list, more);
        }
        List<Task> kept = new ArrayList<>();
        Map<String, List<String>> instead = new HashMap<>();
        for (Task task : list) {
            List<String> after = task.after().stream()
                    .flatMap(key -> instead.getOrDefault(key, List.of(key)).stream())
                    .distinct()
                    .toList();
            StepChange change = changes.getOrDefault(task.key(), StepChange.NONE);
            if (change.leftOut()) {
                // what waited on it waits on what it waited for
                instead.put(task.key(), after);
            } else {
                kept.add(task.after(after)
                        .taking(change.minutes().orElse(task.minutes()))
                        .lying(change.lies().orElse(task.lies())));
            }
        }
        return new WorkList(kept, done);
    }

    /** A step more: what waited on the one before it waits on it too. */
    private static List<Task> inserted(List<Task> list, Task more) {
        List<String> keys = list.stream().map(Task::key).toList();
        int at = more.after().stream().mapToInt(keys::indexOf).max().orElse(-1) + 1;
        List<Task> with = new ArrayList<>(list.subList(0, at));
        with.add(more.after(more.after().stream().filter(keys::contains).toList()));
        for (Task later : list.subList(at, list.size())) {
            boolean waits = more.after().isEmpty()
                    ? later.after().isEmpty()
                    : later.after().stream().anyMatch(more.after()::contains);
            with.add(waits ? later.after(plus(later.after(), more.key())) : later);
        }
        return with;
    }

    private static List<String> plus(List<String> keys, String key) {
        List<String> more = new ArrayList<>(keys);
        more.add(key);
        return more;
    }
}
