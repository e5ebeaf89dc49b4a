package itomichi.pages;

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

    /** A side of it: what is seen on its left half and on its right half; nothing on the left where it is not folded. */
    public record Side(Optional<Page> left, Page right) {}

    /** The side that comes to lie outside: the first page of the sheet is on its right, of one folded at the fore edge on its left. */
    public Side outer() {
        if (doubled) {
            return new Side(Optional.of(first.front()), first.back());
        }
        return new Side(second.map(Leaf::back), first.front());
    }

    /** The side that comes to lie inside. */
    public Side inner() {
        if (doubled) {
            return new Side(Optional.of(Page.HIDDEN), Page.HIDDEN);
        }
        return second.map(after -> new Side(Optional.of(first.back()), after.front()))
                .orElseGet(() -> new Side(Optional.empty(), first.back()));
    }
}
