package itomichi.spec;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * Sheets that were painted or printed before they are folded.
 *
 * @param pictures what is on their halves, by the half; of what is not named nothing is said
 * @param facing which halves are to face each other
 */
public record Artwork(Map<Spot, String> pictures, List<Facing> facing) {

    /** More sheets of one signature nobody nests. */
    public static final int MOST_SHEETS = 12;

    /** Nothing was made beforehand. */
    public static final Artwork NONE = new Artwork(Map.of(), List.of());

    public Artwork {
        pictures = Collections.unmodifiableMap(new TreeMap<>(pictures));
        facing = List.copyOf(facing);
    }

    /**
     * Half of a side of a sheet, its fold upright.
     *
     * @param signature of which signature as they are sewn, from 1
     * @param sheet its number in it, from 1
     * @param back whether it is on its back
     * @param right whether it is on the right of that side, seen
     */
    public record Spot(int signature, int sheet, boolean back, boolean right) implements Comparable<Spot> {
        @Override
        public int compareTo(Spot other) {
            return Comparator.comparingInt(Spot::signature)
                    .thenComparingInt(Spot::sheet)
                    .thenComparing(Spot::back)
                    .thenComparing(Spot::right)
                    .compare(this, other);
        }

        /** Which of the book's it is, in words. */
        public String named() {
            return "signature " + signature + ", " + words();
        }

        /** Which of its signature's it is, in words. */
        public String words() {
            return "sheet " + sheet + ", " + (back ? "back" : "front") + " " + (right ? "right" : "left");
        }
    }

    /** Two halves that are to be seen at once. */
    public record Facing(Spot one, Spot other) {
        private Facing where(UnaryOperator<Spot> now) {
            return new Facing(now.apply(one), now.apply(other));
        }
    }

    /** Which halves of a signature's sheets are to face each other. */
    public List<Facing> facing(int signature) {
        return facing.stream().filter(two -> two.one().signature() == signature).toList();
    }

    /** The same with every half where it is now. */
    public Artwork where(UnaryOperator<Spot> now) {
        Map<Spot, String> moved = new TreeMap<>();
        pictures.forEach((spot, words) -> moved.put(now.apply(spot), words));
        return new Artwork(moved, facing.stream().map(one -> one.where(now)).toList());
    }
}
