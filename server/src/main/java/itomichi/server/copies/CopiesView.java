package itomichi.server.copies;

import itomichi.edition.CopyStage;
import itomichi.finding.Stage;
import itomichi.server.plan.InUnits;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The copies of a book.
 *
 * @param copies how many are made
 * @param cut for how many all is cut, what is spare among them
 * @param stages what is done of a copy
 * @param rows the copies that are told apart
 * @param threads lengths of thread to be cut
 * @param together how copies are laid together to be punched; empty where nothing is punched
 * @param minutes at the bench
 * @param spoilt those that were spoilt and are made anew, in the order in which they were
 */
public record CopiesView(
        int copies,
        int cut,
        List<CopyColumn> stages,
        List<CopyRow> rows,
        List<CopyLengths> threads,
        String together,
        CopyMinutes minutes,
        List<SpoiltView> spoilt) {

    /**
     * What is done of a copy.
     *
     * @param stage of the book that it belongs to
     * @param done of how many it is done
     * @param of how many are made and not left out
     * @param whole whether it is done of the book as a whole
     */
    public record CopyColumn(CopyStage key, Stage stage, String words, int done, int of, boolean whole) {}

    /**
     * A copy.
     *
     * @param name what it is called or whom it is for; empty where it has no name
     * @param at what is being done of it
     * @param spoilt how often it was spoilt
     */
    public record CopyRow(
            int number, String kind, String name, List<CopyStage> done, CopyStage at, boolean leftOut, int spoilt) {}

    /** Lengths of thread: for which copies, of which thread, how many, how long each. */
    public record CopyLengths(String kind, String thread, int number, InUnits length) {}

    /** Hours and minutes at the bench: one copy by itself, all, all if hands became no quicker, what one more adds. */
    public record CopyMinutes(String one, String inAll, String without, String more) {}

    /** A copy that was spoilt; {@code act} says by which act what it needs anew was taken out of the drawers. */
    public record SpoiltView(
            UUID id, int copy, String at, @Nullable UUID act) {}
}
