package itomichi.remarks;

import itomichi.finding.Remark;
import itomichi.finding.Remark.Mend;
import itomichi.finding.Remark.Weight;
import itomichi.finding.Stage;
import itomichi.measure.Phrase;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * A remark with the changes that might mend it, before any of them was tried.
 *
 * @param weight how much it matters
 * @param key a name that does not change
 * @param extent how bad it is in a unit of its own; 0 where it is so or is not
 * @param words cause and number in one sentence
 * @param tries what a binder would try, the first thing first
 */
record Draft(Weight weight, String key, double extent, Phrase words, List<Try> tries) {

    Draft {
        tries = List.copyOf(tries);
    }

    /**
     * A thing to try.
     *
     * @param found the changes that it may be, the best first; made when they are asked for
     * @param most how many of them are offered
     * @param lastly whether it is only offered beside another
     */
    record Try(Supplier<Stream<Mend<BookSpec>>> found, int most, boolean lastly) {}

    static Draft note(String key, Phrase words) {
        return of(Weight.NOTE, key, words);
    }

    static Draft caution(String key, Phrase words) {
        return of(Weight.CAUTION, key, words);
    }

    static Draft stop(String key, Phrase words) {
        return of(Weight.STOP, key, words);
    }

    static Draft of(Weight weight, String key, Phrase words) {
        return new Draft(weight, key, 0, words, List.of());
    }

    /** The same, so bad. */
    Draft asBadAs(double extent) {
        return new Draft(weight, key, extent, words, tries);
    }

    /** The same with one more thing to try. */
    Draft mendedBy(Phrase words, BookSpec change) {
        return mendedBy(() -> Stream.of(new Mend<>(words, change)));
    }

    /** The same with one more thing to try, the best that helps of those found. */
    Draft mendedBy(Supplier<Stream<Mend<BookSpec>>> found) {
        return with(new Try(found, 1, false));
    }

    /** The same with one more thing to try, the two best that help of those found. */
    Draft mendedByTwo(Supplier<Stream<Mend<BookSpec>>> found) {
        return with(new Try(found, 2, false));
    }

    /** The same with something to be tried when all else was. */
    Draft lastly(Supplier<Stream<Mend<BookSpec>>> found) {
        return with(new Try(found, 1, true));
    }

    private Draft with(Try more) {
        List<Try> all = new ArrayList<>(tries);
        all.add(more);
        return new Draft(weight, key, extent, words, all);
    }

    /** The remark with those changes that were tried. */
    Remark<BookSpec> with(Stage stage, List<Mend<BookSpec>> mends) {
        return new Remark<>(weight, stage, key, words, mends);
    }
}
