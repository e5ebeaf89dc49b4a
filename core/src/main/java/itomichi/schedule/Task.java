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
 * @param lying under what it then lies, and how long that usually is
 * @param lies how long it lies, in minutes by the clock, nights counted
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
        int lies,
        List<String> after,
        Optional<Working> working) {

    /** @throws IllegalArgumentException if it takes less than no time */
    public Task {
        after = List.copyOf(after);
        if (minutes < 0 || lies < 0) {
            throw new IllegalArgumentException(
                    "A step takes no minutes at the least, and lies none; read " + minutes + " and " + lies);
        }
    }

    /** A step of the binder's own. */
    public Task(String key, Stage stage, Phrase words, int minutes, boolean inOneGo, Lying lying, List<String> after) {
        this(key, stage, words, minutes, inOneGo, lying, lying.minutes(), after, Optional.empty());
    }

    /** The same, taking so many minutes. */
    public Task taking(int other) {
        return other == minutes
                ? this
                : new Task(key, stage, words, other, inOneGo, lying, lies, after, Optional.empty());
    }

    /** The same, waiting on these. */
    public Task after(List<String> keys) {
        return new Task(key, stage, words, minutes, inOneGo, lying, lies, keys, working);
    }

    /** The same, lying so many minutes; what does not lie at all still does not. */
    public Task lying(int other) {
        return lying == Lying.NOT ? this : new Task(key, stage, words, minutes, inOneGo, lying, other, after, working);
    }

    /** Whether it lies after it. */
    public boolean waits() {
        return lying != Lying.NOT && lies > 0;
    }

    /** How long it lies and under what; empty where it does not. */
    public String liesWords() {
        return waits() ? lying.words(lies) : "";
    }
}
