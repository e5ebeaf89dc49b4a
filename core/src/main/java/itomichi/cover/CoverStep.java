package itomichi.cover;

import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import java.util.List;

/**
 * A step of the work.
 *
 * @param key a name that does not change, kept with the book once it is ticked
 * @param part when it is done
 * @param words what is done
 * @param lying how long the work then lies
 * @param sharp whether a blade or a point is in hand
 * @param after keys of the steps it waits on, as far as they are there; empty where it waits on the step before it
 */
public record CoverStep(String key, Part part, Phrase words, Lying lying, boolean sharp, List<String> after) {

    public CoverStep {
        after = List.copyOf(after);
    }

    /** When a step is done. */
    public enum Part {
        /** Before any glue: everything laid together once. */
        DRY,
        MAKE,
        /** Drying, pressing and the last look. */
        FINISH
    }

    static CoverStep of(String key, Part part, Phrase words) {
        return new CoverStep(key, part, words, Lying.NOT, false, List.of());
    }

    static CoverStep of(String key, Part part, String words) {
        return of(key, part, Phrase.of(words));
    }

    /** The same, and the work then lies. */
    CoverStep lies(Lying how) {
        return new CoverStep(key, part, words, how, sharp, after);
    }

    /** The same, with a blade or a point in hand. */
    CoverStep withBlade() {
        return new CoverStep(key, part, words, lying, true, after);
    }

    /** Whether the work then lies. */
    boolean lies() {
        return lying != Lying.NOT;
    }

    /** The same, and it waits on these. */
    CoverStep after(String... keys) {
        return new CoverStep(key, part, words, lying, sharp, List.of(keys));
    }
}
