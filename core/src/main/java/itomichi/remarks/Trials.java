package itomichi.remarks;

import itomichi.finding.Remark.Mend;
import itomichi.finding.Remark.Weight;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Tries what might mend a book's remarks: each change is planned, once for all remarks that it might mend. */
final class Trials {

    /** More changes than these are no help. */
    private static final int MOST_MENDS = 3;
    /** Less of whatever is measured is no help. */
    private static final double LEAST_EASE = 2;

    private final Map<String, Weight> before = new HashMap<>();
    private final Function<BookSpec, List<Draft>> saidOf;
    private final Map<BookSpec, List<Draft>> tried = new HashMap<>();
    private final int most;

    /**
     * @param said what is said of the book as it is
     * @param saidOf says what would be said of another
     * @param most how many changes are planned; what is beyond is not offered
     */
    Trials(List<Draft> said, Function<BookSpec, List<Draft>> saidOf, int most) {
        said.forEach(draft -> before.merge(draft.key(), draft.weight(), Trials::graver));
        this.saidOf = saidOf;
        this.most = most;
    }

    private static Weight graver(Weight one, Weight other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    /** The changes that do help, in the order in which they are to be tried. */
    List<Mend<BookSpec>> mends(Draft draft) {
        List<Mend<BookSpec>> mends = new ArrayList<>();
        for (Draft.Try thing : draft.tries()) {
            if (!thing.lastly() || !mends.isEmpty()) {
                thing.found()
                        .get()
                        .filter(mend -> helps(draft, mend.change()))
                        .limit(Math.min(thing.most(), MOST_MENDS - mends.size()))
                        .forEach(mends::add);
            }
        }
        return mends;
    }

    /** Whether a book so changed no longer has it said, or says it less gravely, and has nothing as grave said that was not said before. */
    private boolean helps(Draft draft, BookSpec changed) {
        if (tried.size() >= most && !tried.containsKey(changed)) {
            return false;
        }
        return tried.computeIfAbsent(changed, saidOf).stream()
                .allMatch(said -> said.key().equals(draft.key()) ? eased(draft, said) : harmless(draft, said));
    }

    private static boolean eased(Draft before, Draft after) {
        return after.weight().compareTo(before.weight()) < 0 || after.extent() < before.extent() - LEAST_EASE;
    }

    private boolean harmless(Draft draft, Draft said) {
        @Nullable Weight old = before.get(said.key());
        boolean saidBefore = old != null && old.compareTo(said.weight()) >= 0;
        return said.weight() == Weight.NOTE || said.weight().compareTo(draft.weight()) < 0 || saidBefore;
    }
}
