package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.spec.BookSpec;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Plans that were made lately. A screen asks in one go for a book's figures, its way, its templates and its look in space: of a book of sixty
 * signatures the plan takes longer than all of what is made of it. A plan never changes, and a book that was changed in anything is another.
 */
final class LatelyPlanned {

    private final int most;
    private final Function<BookSpec, BookPlan> planner;
    private final Map<BookSpec, BookPlan> plans = new LinkedHashMap<>(16, 0.75f, true);

    /** @param most how many are kept */
    LatelyPlanned(int most, Function<BookSpec, BookPlan> planner) {
        this.most = most;
        this.planner = planner;
    }

    /** The plan of a book, as it was made before where it was. */
    BookPlan of(BookSpec spec) {
        synchronized (plans) {
            BookPlan known = plans.get(spec);
            if (known != null) {
                return known;
            }
        }
        // two who ask at once both make it: none waits for another's book
        BookPlan made = planner.apply(spec);
        synchronized (plans) {
            plans.put(spec, made);
            if (plans.size() > most) {
                plans.remove(plans.keySet().iterator().next());
            }
        }
        return made;
    }
}
