package itomichi.gathering;

import itomichi.measure.Length;

/** Sizes of a leaf found from what is at hand. */
public final class LeafFrom {

    private LeafFrom() {}

    /**
     * A leaf that fits a cover at hand.
     *
     * @param front width of the cover's front, from the spine to its edge
     * @param height of the cover
     * @param square how far the cover is to stand out at head, tail and fore edge
     * @throws IllegalArgumentException if the squares leave nothing
     */
    public static Size cover(Length front, Length height, Length square) {
        Size size = new Size(front.minus(square), height.minus(square.times(2)));
        if (size.width().micrometres() <= 0 || size.height().micrometres() <= 0) {
            throw new IllegalArgumentException(
                    "Squares of " + square + " leave nothing of a cover of " + front + " by " + height);
        }
        return size;
    }

    /** Width and height of a leaf. */
    public record Size(Length width, Length height) {}
}
