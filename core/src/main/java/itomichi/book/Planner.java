package itomichi.book;

import itomichi.plan.Figures;
import itomichi.plan.WorkedBook;
import itomichi.remarks.Remarks;
import itomichi.spec.BookSpec;

/** Works out a plan. It has no state: the same spec gives the same plan. */
public final class Planner {

    private Planner() {}

    /**
     * Everything about a book, from what its binder wants.
     *
     * <p>Never fails for a spec that could be made: what cannot be made gets a remark of weight stop, and the plan is worked out as far
     * as it goes.
     */
    public static BookPlan plan(BookSpec spec) {
        WorkedBook worked = WorkedBook.of(spec);
        return new BookPlan(worked, Figures.of(worked), Remarks.of(worked), NextThings.of(worked));
    }
}
