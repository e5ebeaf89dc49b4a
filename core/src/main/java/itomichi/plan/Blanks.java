package itomichi.plan;

import itomichi.gathering.Gathered;
import itomichi.spec.BookSpec;

/**
 * The pages nobody asked for: the last ones.
 *
 * @param first number of the first of them
 * @param last number of the last page; less than the first where there are none
 */
public record Blanks(int first, int last) {

    public static Blanks of(BookSpec spec, Gathered gathered) {
        return new Blanks(spec.pages() + 1, gathered.pages());
    }

    public int count() {
        return Math.max(0, last - first + 1);
    }

    /** By number, for instance {@code 31 and 32} or {@code 221 to 244}; empty where there are none. */
    public String named() {
        return switch (count()) {
            case 0 -> "";
            case 1 -> "" + first;
            case 2 -> first + " and " + last;
            case 3 -> first + ", " + (first + 1) + " and " + last;
            default -> first + " to " + last;
        };
    }
}
