package itomichi.gathering;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;

/**
 * One way of dividing a book's sheets into signatures.
 *
 * @param sharing sheets in each signature, endpapers not counted
 * @param blanks pages that nobody asked for
 * @param fold thickness of the fullest folded signature
 * @param creep of the fullest signature
 * @param swell that the thread adds
 * @param spine thickness at the spine
 * @param wedge how much thicker the spine is than the fore edge, as a share
 * @param holes to punch in all
 * @param thread for the whole book, by rule of thumb
 * @param minutes at the bench
 * @param drawback how much speaks against it, in no unit; the least is best
 * @param reasons what speaks for and against it
 */
public record Split(
        Sharing sharing,
        int blanks,
        Length fold,
        Length creep,
        Length swell,
        Length spine,
        double wedge,
        int holes,
        Length thread,
        double minutes,
        double drawback,
        List<Reason> reasons) {

    /**
     * A reason.
     *
     * @param speaksFor whether it speaks for the split or against it
     * @param words the reason
     */
    public record Reason(boolean speaksFor, Phrase words) {}
}
