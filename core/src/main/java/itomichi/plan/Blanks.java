package itomichi.plan;

import itomichi.gathering.Gathered;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.List;

/**
 * The pages nobody asked for.
 *
 * @param front how many stand before the text: always whole leaves, so that it begins on a right-hand page
 * @param back how many stand after it
 * @param pages of the book, all together
 */
public record Blanks(int front, int back, int pages) {

    private static final int LEAF = 2;

    public static Blanks of(BookSpec spec, Gathered gathered) {
        int over = Math.max(0, gathered.pages() - spec.pages());
        int front = switch (spec.pageWish().blanks()) {
            case END -> 0;
            case FRONT -> over / LEAF * LEAF;
            case BOTH -> over / LEAF / 2 * LEAF;
        };
        return new Blanks(front, over - front, gathered.pages());
    }

    public int count() {
        return front + back;
    }

    /** Whether a page of the book, from 1, is one of them. */
    public boolean blank(int page) {
        return page <= front || page > pages - back;
    }

    /** By their places in the book, for instance {@code 31 and 32} or {@code 221 to 244}; empty where there are none. */
    public String named() {
        List<String> runs = new ArrayList<>();
        if (front > 0) {
            runs.add(run(1, front));
        }
        if (back > 0) {
            runs.add(run(pages - back + 1, pages));
        }
        return String.join("; ", runs);
    }

    private static String run(int first, int last) {
        return switch (last - first) {
            case 0 -> "" + first;
            case 1 -> first + " and " + last;
            case 2 -> first + ", " + (first + 1) + " and " + last;
            default -> first + " to " + last;
        };
    }
}
