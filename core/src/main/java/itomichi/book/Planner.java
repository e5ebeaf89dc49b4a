package itomichi.book;

import itomichi.finding.Remark;
import itomichi.plan.Figures;
import itomichi.plan.WorkedBook;
import itomichi.remarks.Remarks;
import itomichi.spec.BookSpec;
import java.util.List;

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
        return plan(worked, Remarks.of(worked));
    }

    /** The same, for whoever does not offer to mend anything: what is said comes without its mends, which takes a part of the time. */
    public static BookPlan planUnmended(BookSpec spec) {
        WorkedBook worked = WorkedBook.of(spec);
        return plan(worked, Remarks.unmended(worked));
    }

    private static BookPlan plan(WorkedBook worked, List<Remark<BookSpec>> remarks) {
        return new BookPlan(worked, Figures.of(worked), remarks, NextThings.of(worked));
    }
}
