package itomichi.cover;

import itomichi.measure.Length;
import java.util.List;

/**
 * What of the sewing a cover has to do with.
 *
 * @param stations along the spine, from the head of the block
 * @param rows across the spine of a cover that is sewn through, from its left edge seen from outside; empty where it is not
 * @param head from the head of the cover to the head of the block; where no cover is sewn through, nothing
 * @param longs the long stitches that show on such a spine
 * @param boardHole from the spine edge of boards that are sewn on to their holes
 * @param strand thickness of the thread as it lies
 */
public record SpineSewing(
        List<Length> stations, List<Length> rows, Length head, List<Group> longs, Length boardHole, Length strand) {

    /** No sewing that a cover has to do with. */
    public static final SpineSewing NONE =
            new SpineSewing(List.of(), List.of(), Length.ZERO, List.of(), Length.ZERO, Length.ofMm(1));

    public SpineSewing {
        stations = List.copyOf(stations);
        rows = List.copyOf(rows);
        longs = List.copyOf(longs);
    }

    /**
     * Long stitches that lie side by side.
     *
     * @param from where they begin, from the head of the block
     * @param to where they end
     * @param number how many lie beside each other, each in its row
     */
    public record Group(Length from, Length to, int number) {
        Length length() {
            return to.minus(from);
        }
    }
}
