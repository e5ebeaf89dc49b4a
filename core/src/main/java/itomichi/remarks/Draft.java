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
 * @param changes what a binder would try, the first thing first; made when they are asked for
 */
record Draft(Weight weight, String key, double extent, Phrase words, List<Supplier<Stream<Mend<BookSpec>>>> changes) {

    Draft {
        changes = List.copyOf(changes);
    }

    static Draft note(String key, Phrase words) {
        return new Draft(Weight.NOTE, key, 0, words, List.of());
    }

    static Draft caution(String key, Phrase words) {
        return new Draft(Weight.CAUTION, key, 0, words, List.of());
    }

    static Draft stop(String key, Phrase words) {
        return new Draft(Weight.STOP, key, 0, words, List.of());
    }

    /** The same, so bad. */
    Draft asBadAs(double extent) {
        return new Draft(weight, key, extent, words, changes);
    }

    /** The same with one more thing to try. */
    Draft mendedBy(Phrase words, BookSpec change) {
        return mendedBy(() -> Stream.of(new Mend<>(words, change)));
    }

    /** The same with more to try, found when it is asked for. */
    Draft mendedBy(Supplier<Stream<Mend<BookSpec>>> more) {
        List<Supplier<Stream<Mend<BookSpec>>>> all = new ArrayList<>(changes);
        all.add(more);
        return new Draft(weight, key, extent, words, all);
    }

    /** The remark with those changes that were tried. */
    Remark<BookSpec> with(Stage stage, List<Mend<BookSpec>> mends) {
        return new Remark<>(weight, stage, key, words, mends);
    }

    /** All that might mend it. */
    Stream<Mend<BookSpec>> tries() {
        return changes.stream().flatMap(Supplier::get);
    }
}
