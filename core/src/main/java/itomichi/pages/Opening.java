package itomichi.pages;

import java.util.Optional;

/**
 * Two pages that are seen at once.
 *
 * @param left the leaf whose back is on the left; nothing at the front of a reading, where the cover is
 * @param right the leaf whose front is on the right; nothing at its end
 */
public record Opening(Optional<Leaf> left, Optional<Leaf> right) {

    /** Whether both pages lie on one side of one sheet, so that a picture runs across the fold unbroken: in the middle of a signature. */
    public boolean unbroken() {
        return left.isPresent()
                && right.isPresent()
                && left.get().half() == Leaf.Half.FIRST
                && right.get().half() == Leaf.Half.SECOND
                && left.get().signature() == right.get().signature()
                && left.get().sheet() == right.get().sheet();
    }
}
