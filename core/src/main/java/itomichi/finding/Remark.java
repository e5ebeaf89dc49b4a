package itomichi.finding;

import itomichi.measure.Phrase;
import java.util.List;
import java.util.Optional;

/**
 * Something the plan has to say for itself.
 *
 * @param weight how much it matters
 * @param stage the stage of the work at which it is put right
 * @param key a name that does not change, for instance {@code grain-across}
 * @param words cause and number in one sentence
 * @param mends changes that put it right or better, what a binder would try first first
 * @param <C> what a change is made of
 */
public record Remark<C>(Weight weight, Stage stage, String key, Phrase words, List<Mend<C>> mends) {

    public Remark {
        mends = List.copyOf(mends);
    }

    /** Note: good to know. Caution: look again. Stop: this book cannot be made like this. */
    public enum Weight {
        NOTE,
        CAUTION,
        STOP;

        /** How grave it is what makes a book impossible, or only asks for care. */
        public static Weight of(boolean impossible, boolean minor) {
            return impossible ? STOP : minor ? NOTE : CAUTION;
        }
    }

    /**
     * A change that mends a remark.
     *
     * @param words what pressing it does, verb first, with its effect
     * @param change the change itself
     */
    public record Mend<C>(Phrase words, C change) {}

    /** The change to be tried first. */
    public Optional<Mend<C>> mend() {
        return mends.stream().findFirst();
    }
}
