package itomichi.server.course;

import itomichi.course.Ahead;
import itomichi.course.CourseWish;
import itomichi.server.document.Checked;
import itomichi.server.platform.Sent;
import itomichi.spec.BookSpec;
import itomichi.spec.UnfitValueException;
import itomichi.structure.Hands;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A class as it travels and is kept.
 *
 * @param name what it is called
 * @param bookId the book that everybody makes
 * @param begins when, as {@code 2026-12-05T14:00}; left out where that is not settled
 * @param minutes it lasts
 * @param people that come
 * @param helpers beside the teacher
 * @param hands theirs
 * @param atTable so many sit at a table
 * @param ahead what the teacher does before
 * @param sparePercent how many more kits are made ready
 * @param brings what everybody brings along, a line each
 * @param yarnMm how thick the yarn is that children sew with; left out where it is the usual one
 */
public record CourseDocument(
        String name,
        UUID bookId,
        @Nullable String begins,
        int minutes,
        int people,
        int helpers,
        Hands hands,
        int atTable,
        List<Ahead> ahead,
        int sparePercent,
        String brings,
        @Nullable Double yarnMm) {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_BRINGS = 400;

    /**
     * What the class is to be.
     *
     * @throws UnfitValueException if a part is missing or a value is one that no class can have
     */
    CourseWish wish(BookSpec book) {
        check("name", "A name", Sent.given("name", name), 1, LONGEST_NAME);
        check("brings", "What everybody brings", Sent.given("brings", brings), 0, LONGEST_BRINGS);
        begun();
        Sent.given("ahead", ahead).forEach(one -> Sent.given("ahead", one));
        return new CourseWish(
                book,
                minutes,
                people,
                helpers,
                Sent.given("hands", hands),
                atTable,
                Set.copyOf(ahead),
                sparePercent,
                yarnMm == null ? CourseWish.USUAL_YARN : Checked.mm("yarnMm", yarnMm));
    }

    private void begun() {
        if (begins != null) {
            try {
                LocalDateTime.parse(begins);
            } catch (DateTimeException unread) {
                throw new UnfitValueException(
                        "begins", "Read “" + begins + "”; a day and a time are wanted, as 2026-12-05T14:00.");
            }
        }
    }

    private static void check(String field, String what, String text, int least, int most) {
        if (text.isBlank() ? least > 0 : text.length() > most) {
            throw new UnfitValueException(
                    field,
                    text.isBlank()
                            ? what + " is wanted; none was typed."
                            : what + " of " + text.length() + " letters: " + most + " at the most are taken.");
        }
    }

    /** The same, done by these before. */
    CourseDocument withAhead(Set<Ahead> other) {
        return new CourseDocument(
                name,
                bookId,
                begins,
                minutes,
                people,
                helpers,
                hands,
                atTable,
                other.stream().sorted().toList(),
                sparePercent,
                brings,
                yarnMm);
    }
}
