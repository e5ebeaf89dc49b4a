package itomichi.gathering;

import itomichi.measure.Length;

/**
 * What a ranking of splits is asked for.
 *
 * @param pages pages wanted
 * @param sheet thickness of a sheet
 * @param leafHeight height of the book
 * @param form what the structure takes
 * @param wish what the binder prefers
 * @param thread what lies in the folds
 * @param pressing how long the signatures are pressed
 * @param pasteIns thickness of what is pasted in
 * @param holesEach holes along each fold
 * @param threadHeightsEach thread for each signature by the rule of thumb, in heights of the book
 * @param threadHeightsBesides thread besides, in heights of the book
 */
public record SplitQuestion(
        int pages,
        Length sheet,
        Length leafHeight,
        Form form,
        SplitWish wish,
        SewnIn thread,
        Pressing pressing,
        Length pasteIns,
        int holesEach,
        double threadHeightsEach,
        double threadHeightsBesides) {

    /** Sheets that hold the pages wanted. */
    public int sheets() {
        return Extent.ofPages(pages).sheets(true);
    }
}
