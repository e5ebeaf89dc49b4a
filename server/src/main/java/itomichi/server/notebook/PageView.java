package itomichi.server.notebook;

import itomichi.measure.Unit;
import itomichi.notebook.Entry;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.LooksView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A book's page of the notebook.
 *
 * @param structure what its sewing is called
 * @param unit the book's own unit
 * @param finished the day it came to the shelf, for instance {@code 12 November 2026}; left out while it is in work
 * @param lines what was planned and what came out
 * @param looks what was not good when it was looked over
 * @param costs what it took, and what that costs where prices are known
 * @param outside how it looks from outside; left out where it is gone meanwhile
 * @param spent what is known of the price, all together; left out where nothing is
 */
record PageView(
        UUID id,
        String name,
        String purpose,
        String structure,
        List<String> papers,
        Unit unit,
        @Nullable String finished,
        boolean onShelf,
        List<PageLine> lines,
        List<InUnits> looks,
        String notes,
        String failed,
        List<PageCost> costs,
        @Nullable Double spent,
        List<PictureView> pictures,
        @Nullable LooksView outside) {

    /**
     * A line.
     *
     * @param planned as it was worked out; left out where nothing was
     * @param came what came out; left out where nobody told
     * @param off by what share of the plan it came out otherwise, 0.1 for a tenth more
     * @param difference the same in words
     */
    record PageLine(
            String key,
            Entry.Group group,
            InUnits name,
            @Nullable InUnits planned,
            @Nullable InUnits came,
            Entry.Origin origin,
            @Nullable Double off,
            @Nullable String difference) {}

    /** Something that was used up; {@code price} is left out where it is not known. */
    record PageCost(String what, InUnits amount, @Nullable Double price) {}

    /** A picture, by the address of its file; size in points. */
    record PictureView(UUID id, String caption, int width, int height) {}
}
