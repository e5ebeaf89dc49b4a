package itomichi.station;

import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * Lines of holes across a cover's spine, each for a signature or for a pair.
 *
 * <p>Seen from outside with the head up, the front of the book is at the right: row 1 of the book is the last from the left.
 *
 * @param fromLeft positions from the left edge of the spine seen from outside, strictly increasing
 * @param width of the spine
 */
public record Rows(List<Length> fromLeft, Length width) {

    /** @throws IllegalArgumentException if there are none or they do not strictly increase */
    public Rows {
        fromLeft = List.copyOf(fromLeft);
        if (fromLeft.isEmpty()) {
            throw new IllegalArgumentException("A spine needs a row; read none");
        }
        for (int i = 1; i < fromLeft.size(); i++) {
            if (!fromLeft.get(i - 1).isLessThan(fromLeft.get(i))) {
                throw new IllegalArgumentException("Row %d at %s does not lie right of row %d at %s"
                        .formatted(i + 1, fromLeft.get(i), i, fromLeft.get(i - 1)));
            }
        }
    }

    public int count() {
        return fromLeft.size();
    }

    /**
     * Where a row of the book lies, from the left edge seen from outside.
     *
     * @param number from 1 at the front of the book
     */
    public Length at(int number) {
        return fromLeft.get(fromLeft.size() - number);
    }

    /** The same rows as the inside of the opened cover shows them: from its left edge, the front of the book first. */
    public Rows mirrored() {
        List<Length> mirrored = new ArrayList<>();
        for (int i = fromLeft.size() - 1; i >= 0; i--) {
            mirrored.add(width.minus(fromLeft.get(i)));
        }
        return new Rows(mirrored, width);
    }

    /** From the first row to the last. */
    public Length span() {
        return fromLeft.get(fromLeft.size() - 1).minus(fromLeft.get(0));
    }

    /** The least distance between two neighbours; nothing between the only one and none. */
    public Length nearest() {
        Length nearest = width;
        for (int i = 1; i < fromLeft.size(); i++) {
            Length gap = fromLeft.get(i).minus(fromLeft.get(i - 1));
            nearest = gap.isLessThan(nearest) ? gap : nearest;
        }
        return nearest;
    }
}
