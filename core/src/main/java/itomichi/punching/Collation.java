package itomichi.punching;

import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * Marks on the outside of the folds, each signature's a step below the one before, so that a wrong order shows as a break in the line.
 *
 * @param fromHead where each signature's mark begins, in the order of the book
 * @param step length of a mark and height of a step
 */
public record Collation(List<Length> fromHead, Length step) {

    /** The line runs over this part of the fold, clear of head and tail. */
    private static final double FROM = 0.2;

    private static final double SHARE = 0.6;
    private static final double MOST_MM = 6;
    /** A lower step is not seen any more: common practice. */
    private static final double LEAST_MM = 2;

    public Collation {
        fromHead = List.copyOf(fromHead);
    }

    /**
     * Marks for so many signatures. Where they are too many for one line of steps, it begins again at the top.
     *
     * @param signatures how many, at least one
     * @param height of the folds
     */
    public static Collation of(int signatures, Length height) {
        double roomMm = height.mm() * SHARE;
        int inLine = Math.max(1, Math.min(signatures, (int) Math.floor(roomMm / LEAST_MM)));
        double stepMm = Math.min(MOST_MM, roomMm / inLine);
        List<Length> marks = new ArrayList<>();
        for (int i = 0; i < signatures; i++) {
            marks.add(Length.ofMm(height.mm() * FROM + stepMm * (i % inLine)));
        }
        return new Collation(marks, Length.ofMm(stepMm));
    }
}
