package itomichi.gathering;

import itomichi.measure.Length;
import java.util.Optional;
import java.util.function.IntUnaryOperator;

/**
 * What a ranking of splits is asked for.
 *
 * @param pages pages wanted
 * @param sheet thickness of a sheet
 * @param form what the structure takes
 * @param wish what the binder prefers
 * @param thread what lies in the folds
 * @param springs how long the signatures are pressed, and how far their folds spring back
 * @param back how the back will be
 * @param pasteIns thickness of what is pasted in
 * @param rows what the rows of a cover want that they are sewn through in equal gaps; nothing where there are none
 * @param threads how many threads lie side by side in the folds of so many signatures, where most lie
 */
public record SplitQuestion(
        int pages,
        Length sheet,
        Form form,
        SplitWish wish,
        SewnIn thread,
        Springs springs,
        Back back,
        Length pasteIns,
        Optional<RowsWanted> rows,
        IntUnaryOperator threads) {

    /**
     * Rows across the spine of a cover that is cut to the book.
     *
     * @param least from row to row, or the cover tears
     * @param signatures that share a row
     */
    public record RowsWanted(Length least, int signatures) {}

    /** Sheets that hold the pages wanted. */
    public int sheets() {
        return Extent.ofPages(pages).sheets(true);
    }
}
