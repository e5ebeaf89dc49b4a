package itomichi.schedule;

import itomichi.finding.Stage;
import itomichi.finding.Working;
import itomichi.measure.Phrase;
import java.util.List;
import java.util.Optional;

/**
 * A step of the work on a book.
 *
 * @param key a name that does not change
 * @param stage what it belongs to
 * @param words what is done
 * @param minutes with a hand on it, as whole minutes
 * @param inOneGo whether it cannot be left in the middle
 * @param lying how long it then lies
 * @param after keys of the steps it waits on
 * @param working how its minutes came about; nothing where its binder says how many it takes
 */
public record Task(
        String key,
        Stage stage,
        Phrase words,
        int minutes,
        boolean inOneGo,
        Lying lying,
        List<String> after,
        Optional<Working> working) {

    /** @throws IllegalArgumentException if it takes less than no time */
    public Task {
        after = List.copyOf(after);
        if (minutes < 0) {
            throw new IllegalArgumentException("A step takes no minutes at the least; read " + minutes);
        }
    }

    /** A step of the binder's own. */
    public Task(String key, Stage stage, Phrase words, int minutes, boolean inOneGo, Lying lying, List<String> after) {
        this(key, stage, words, minutes, inOneGo, lying, after, Optional.empty());
    }

    /** The same, taking so many minutes. */
    public Task taking(int other) {
        return other == minutes ? this : new Task(key, stage, words, other, inOneGo, lying, after, Optional.empty());
    }

    /** The same, waiting on these. */
    public Task after(List<String> keys) {
        return new Task(key, stage, words, minutes, inOneGo, lying, keys, working);
    }
}
