package itomichi.finding;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import java.util.Optional;

/**
 * A figure of the plan: what it is called, and the working that it is the result of.
 *
 * @param key a name that does not change, for instance {@code thread}
 * @param stage the stage of the work that it belongs to
 * @param label what a binder calls it
 * @param working how it came about
 * @param phrase how it is shown where the value alone would say too little, such as a width with its height
 */
public record Figure(String key, Stage stage, String label, Working working, Optional<Phrase> phrase) {

    public Figure(String key, String label, Working working) {
        this(key, Stage.PURPOSE, label, working, Optional.empty());
    }

    /** A figure that is shown by a phrase. */
    public static Figure shownAs(String key, String label, Working working, Phrase phrase) {
        return new Figure(key, Stage.PURPOSE, label, working, Optional.of(phrase));
    }

    /** The same, of that stage. */
    public Figure at(Stage of) {
        return new Figure(key, of, label, working, phrase);
    }

    /** The figure as text. */
    public String in(Unit unit) {
        return phrase.map(words -> words.in(unit)).orElseGet(() -> value().in(unit));
    }

    /** The figure's value. */
    public Quantity value() {
        return working.result();
    }

    /**
     * The figure's value as a length.
     *
     * @throws IllegalStateException if it is not one
     */
    public Length length() {
        return working.length();
    }
}
