package itomichi.schedule;

import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/**
 * What is still to be done on a book; minutes by the clock are counted since 1970 in universal time.
 *
 * @param name told apart from other books by it
 * @param tasks its steps, none before those that it waits on
 * @param wanted the minute by which it is to be ready; nothing where nobody waits for it
 * @param notBefore steps that are not begun before a minute, by key
 * @param lying steps that are done and still lie, with the minute until which, by key
 */
public record Job(
        String name, List<Task> tasks, OptionalLong wanted, Map<String, Long> notBefore, Map<String, Lies> lying) {

    /**
     * Something that lies already.
     *
     * @param until the minute until which it lies
     * @param how under what
     */
    public record Lies(long until, Lying how) {}

    /** @throws IllegalArgumentException if a step waits on one that comes later */
    public Job {
        tasks = List.copyOf(tasks);
        notBefore = Map.copyOf(notBefore);
        lying = Map.copyOf(lying);
        List<String> keys = tasks.stream().map(Task::key).toList();
        for (int i = 0; i < tasks.size(); i++) {
            for (String key : tasks.get(i).after()) {
                if (keys.indexOf(key) >= i) {
                    throw new IllegalArgumentException(
                            "Step " + tasks.get(i).key() + " waits on " + key + ", which is not before it");
                }
            }
        }
    }
}
