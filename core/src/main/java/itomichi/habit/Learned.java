package itomichi.habit;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What was taken into a book of what finished ones taught. What is kept of a habit that the book has not, such as that of another
 * structure, changes nothing and comes back with the structure.
 *
 * @param taught by key of its habit
 */
public record Learned(Map<String, Taught> taught) {

    /** Nothing: all is common practice, as typed or measured. */
    public static final Learned NONE = new Learned(Map.of());

    public Learned {
        taught = Collections.unmodifiableMap(new TreeMap<>(taught));
    }

    /** What was taught of a habit, where it was taken. */
    public Optional<Taught> of(Habit habit) {
        return Optional.ofNullable(taught.get(habit.key()));
    }

    /** The same with this taken, or with nothing of the habit any more. */
    public Learned with(Habit habit, Optional<Taught> one) {
        Map<String, Taught> other = new TreeMap<>(taught);
        one.ifPresentOrElse(value -> other.put(habit.key(), value), () -> other.remove(habit.key()));
        return new Learned(other);
    }

    /** The same without what was taught of habits of a kind. */
    public Learned without(Habit.Kind kind) {
        Map<String, Taught> left = new TreeMap<>(taught);
        left.keySet().removeIf(key -> key.startsWith(kind.name() + ":"));
        return new Learned(left);
    }
}
