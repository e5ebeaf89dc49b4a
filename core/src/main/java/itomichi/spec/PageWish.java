package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a binder wants a book's pages counted.
 *
 * @param blanks where pages go that nobody asked for
 * @param uncounted pages of the text before any is counted
 * @param roman pages after those, counted in small roman figures
 * @param first the number of the page after those
 */
@RecordBuilder
public record PageWish(BlankPlace blanks, int uncounted, int roman, int first) implements PageWishBuilder.With {

    /** Counted from the first page on; what is over stands at the end. */
    public static final PageWish PLAIN = new PageWish(BlankPlace.END, 0, 0, 1);

    /** Where pages go that nobody asked for. The text always begins on a right-hand page. */
    public enum BlankPlace {
        END,
        FRONT,
        BOTH
    }
}
