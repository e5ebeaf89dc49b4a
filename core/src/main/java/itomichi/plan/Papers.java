package itomichi.plan;

import itomichi.cutting.CutWish;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.util.ArrayList;
import java.util.List;

/**
 * What a book is made from and how it is parted.
 *
 * @param all the book's papers; the first is the one that is taken where nothing else is said
 * @param cutting how stock sheets are parted
 * @param trim what is left standing at head, tail and fore edge of every sheet, to be trimmed off the sewn book
 */
public record Papers(List<BookPaper> all, CutWish cutting, Length trim) {

    private static final int MOST = 8;

    public Papers {
        all = List.copyOf(all);
    }

    void check(Unit unit) {
        Limits.number("otherPapers", "A book", all.size(), 1, MOST, " papers");
        for (int i = 0; i < all.size(); i++) {
            all.get(i).check(i == 0 ? "paper" : "otherPapers", unit);
        }
        Limits.length("cutting.trimMm", "A trim", trim, 0, 60, unit);
    }

    /** The paper that is taken where nothing else is said. */
    public BookPaper main() {
        return all.get(0);
    }

    public Papers withMain(BookPaper other) {
        return with(0, other);
    }

    /** The same papers but for one, counted from 0. */
    public Papers with(int number, BookPaper other) {
        List<BookPaper> changed = new ArrayList<>(all);
        changed.set(number, other);
        return new Papers(changed, cutting, trim);
    }

    public Papers withCutting(CutWish other) {
        return new Papers(all, other, trim);
    }
}
