package itomichi.course;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.measure.Length;
import itomichi.spec.BookSpec;
import itomichi.spec.EditionWish;
import itomichi.structure.Hands;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * What a class is to make, and with whom.
 *
 * @param book what everybody makes
 * @param minutes the class lasts
 * @param people that come, the teacher and helpers not counted
 * @param helpers beside the teacher
 * @param hands theirs
 * @param atTable so many sit at a table
 * @param ahead what the teacher does before
 * @param sparePercent how many more kits are made ready, in percent, rounded up
 * @param yarn how thick the yarn is that children sew with
 */
@RecordBuilder
public record CourseWish(
        BookSpec book,
        int minutes,
        int people,
        int helpers,
        Hands hands,
        int atTable,
        Set<Ahead> ahead,
        int sparePercent,
        Length yarn)
        implements CourseWishBuilder.With {

    /** A yarn for children where nothing else is said: common practice, no published source. */
    public static final Length USUAL_YARN = Length.ofMm(1.5);

    /**
     * Checked and copied.
     *
     * @throws itomichi.spec.UnfitValueException if a value is one that no class can have
     */
    public CourseWish {
        ahead = ahead.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(ahead));
        CourseLimits.check(minutes, people, helpers, atTable, sparePercent);
        CourseLimits.check(yarn, book.title().unit());
    }

    /** Kits that are made ready. */
    public int kits() {
        return people + EditionWish.spares(people, sparePercent);
    }

    /** Tables that are laid. */
    public int tables() {
        return (people + atTable - 1) / atTable;
    }
}
