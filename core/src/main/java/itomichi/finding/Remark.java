package itomichi.finding;

import itomichi.measure.Phrase;
import java.util.Optional;

/**
 * Something the plan has to say for itself.
 *
 * @param weight how much it matters
 * @param key a name that does not change, for instance {@code grain-across}
 * @param words cause and number in one sentence
 * @param mend a change that puts it right, if there is one
 * @param <C> what a change is made of
 */
public record Remark<C>(Weight weight, String key, Phrase words, Optional<Mend<C>> mend) {

    /** Note: good to know. Caution: look again. Stop: this book cannot be made like this. */
    public enum Weight {
        NOTE,
        CAUTION,
        STOP
    }

    /**
     * A change that mends a remark.
     *
     * @param words what pressing it does, verb first, with its effect
     * @param change the change itself
     */
    public record Mend<C>(Phrase words, C change) {}

    public static <C> Remark<C> note(String key, Phrase words) {
        return new Remark<>(Weight.NOTE, key, words, Optional.empty());
    }

    public static <C> Remark<C> caution(String key, Phrase words) {
        return new Remark<>(Weight.CAUTION, key, words, Optional.empty());
    }

    public static <C> Remark<C> stop(String key, Phrase words) {
        return new Remark<>(Weight.STOP, key, words, Optional.empty());
    }

    /** The same remark with a change that mends it. */
    public Remark<C> mendedBy(Phrase words, C change) {
        return new Remark<>(weight, key, this.words, Optional.of(new Mend<>(words, change)));
    }
}
