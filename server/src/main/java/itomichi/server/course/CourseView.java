package itomichi.server.course;

import itomichi.course.Course;
import itomichi.course.Who;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.LooksView;
import itomichi.server.supply.AmountView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A class, worked out.
 *
 * @param book what its book is called
 * @param bookVersion the version of the book that it was worked out with
 * @param fit who comes to the end
 * @param usual hours and minutes that half of those who come take less than
 * @param quick of quick hands
 * @param slow of slow hands
 * @param besides of that, to come in and tidy up
 * @param waited of that, while something lies; nothing where nothing is waited for
 * @param atBlade of that, adults at a blade or a point for everybody; nothing where none is
 * @param before hours and minutes of the teacher before
 * @param stopped whether the book cannot be made as it is
 * @param unfit why these hands cannot make it; left out where they can
 * @param otherwise what is otherwise than at the binder's own table
 * @param yarn how thick the yarn is that children sew with
 * @param caution the usual one with what is done in it
 * @param changes that make it fit, the nearest first
 * @param kits envelopes that are made ready
 * @param tables that are laid
 * @param amounts what all kits use up
 * @param cost of all kits; left out where a price is not known
 * @param taken whether what they use up was taken out of the drawers
 */
public record CourseView(
        UUID id,
        CourseDocument document,
        String book,
        long bookVersion,
        CourseFit fit,
        String usual,
        String quick,
        String slow,
        String besides,
        @Nullable String waited,
        @Nullable String atBlade,
        String before,
        boolean stopped,
        @Nullable InUnits unfit,
        List<InUnits> otherwise,
        InUnits yarn,
        String caution,
        List<CourseStepView> steps,
        List<CourseChangeView> changes,
        int kits,
        int tables,
        List<KitItem> envelope,
        List<KitItem> onTables,
        List<AmountView> amounts,
        @Nullable Double cost,
        boolean taken) {

    /** Who comes to the end, and whether it may be held so. */
    public record CourseFit(Course.Fit key, String words, boolean fits) {}

    /** A step: who does it, how long it takes, and how long the class waits for it. */
    public record CourseStepView(
            Who who,
            String whose,
            InUnits words,
            String minutes,
            String range,
            @Nullable String waits) {}

    /**
     * A change that makes it fit.
     *
     * @param minutes it then takes
     * @param document the class as it would be
     * @param book the book as it would be; left out where it stays as it is
     */
    public record CourseChangeView(
            InUnits words,
            String minutes,
            CourseDocument document,
            @Nullable BookDocument book) {}

    /** Something in an envelope, or on the tables. */
    public record KitItem(InUnits what, int number) {}

    /** A class in the list of them; {@code looks} says how its book looks, as long as that is there. */
    public record CourseLine(
            UUID id,
            String name,
            @Nullable String begins,
            String book,
            int people,
            @Nullable LooksView looks) {}
}
