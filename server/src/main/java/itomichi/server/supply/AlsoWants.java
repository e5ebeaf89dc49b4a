package itomichi.server.supply;

import itomichi.plan.UsedUp;
import itomichi.server.book.StoredBook;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something else than the books on the bench that wants what lies in the drawers. */
public interface AlsoWants {

    /**
     * Something wanted.
     *
     * @param book what it makes, called as it is to be called on the list
     * @param used what it uses up
     * @param act by which that was taken out of the drawers; nothing until it is
     */
    record Wanted(StoredBook book, UsedUp used, @Nullable UUID act) {}

    /** All that is wanted. */
    List<Wanted> wanted();
}
