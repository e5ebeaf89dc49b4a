package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.cutting.CutWish;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * What a book is made from and how it is parted.
 *
 * @param all the book's papers; the first is the one that is taken where nothing else is said
 * @param cutting how stock sheets are parted
 * @param trim what is left standing at head, tail and fore edge of every sheet, to be trimmed off the sewn book
 */
@RecordBuilder
public record Papers(List<BookPaper> all, CutWish cutting, Length trim) implements PapersBuilder.With {

    public Papers {
        all = List.copyOf(all);
    }

    /** The paper that is taken where nothing else is said. */
    public BookPaper main() {
        return all.get(0);
    }

    /** The same papers with another one as the first. */
    public Papers withMain(BookPaper other) {
        return with(0, other);
    }

    /** The same papers but for one, counted from 0. */
    public Papers with(int number, BookPaper other) {
        List<BookPaper> changed = new ArrayList<>(all);
        changed.set(number, other);
        return new Papers(changed, cutting, trim);
    }
}
