package itomichi.pages;

import itomichi.measure.Length;
import java.util.Optional;

/**
 * A sheet as it lies on the table before it is folded, its fold upright.
 *
 * @param number in its signature, the outermost being 1
 * @param first the half that comes before the fold
 * @param second the half after it; nothing of a sheet that is one leaf
 * @param doubled whether it is one leaf that is folded at its fore edge
 */
public record SheetSides(int number, Leaf first, Optional<Leaf> second, boolean doubled) {

    /**
     * A side of it, seen.
     *
     * @param left what is on its left half; nothing where it is not folded
     * @param right what is on its right half, or on all of it
     * @param leftWidth of its left half; none where it is not folded
     * @param rightWidth of its right half
     */
    public record Side(Optional<Page> left, Page right, Length leftWidth, Length rightWidth) {}

    /** Whether one of its halves reaches so far. */
    boolean reaches(Leaf.Reach reach) {
        return first.reach() == reach
                || second.filter(leaf -> leaf.reach() == reach).isPresent();
    }

    /** The side that comes to lie outside: the first page of the sheet is on its right, of one folded at the fore edge on its left. */
    public Side outer() {
        if (doubled) {
            return new Side(Optional.of(first.front()), first.back(), first.width(), first.width());
        }
        Length after = second.map(Leaf::width).orElse(Length.ZERO);
        return new Side(second.map(Leaf::back), first.front(), after, first.width());
    }

    /** The side that comes to lie inside. */
    public Side inner() {
        if (doubled) {
            return new Side(Optional.of(Page.HIDDEN), Page.HIDDEN, first.width(), first.width());
        }
        return second.map(after -> new Side(Optional.of(first.back()), after.front(), first.width(), after.width()))
                .orElseGet(() -> new Side(Optional.empty(), first.back(), Length.ZERO, first.width()));
    }
}
