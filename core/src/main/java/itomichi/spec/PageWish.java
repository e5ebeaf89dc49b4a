package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a binder wants a book's pages counted.
 *
 * @param blanks where pages go that nobody asked for
 * @param uncounted pages of the text before any is counted
 * @param roman pages after those, counted in small roman figures
 * @param first the number of the page after those
 * @param doubled whether single sheets are folded at their fore edge, printed on one side, so that their inside is never seen
 * @param artwork what was made on the sheets of a signature beforehand
 */
@RecordBuilder
public record PageWish(BlankPlace blanks, int uncounted, int roman, int first, boolean doubled, Artwork artwork)
        implements PageWishBuilder.With {

    /** Counted from the first page on; what is over stands at the end. */
    public static final PageWish PLAIN = new PageWish(BlankPlace.END, 0, 0, 1, false, Artwork.NONE);

    /** Where pages go that nobody asked for. The text always begins on a right-hand page. */
    public enum BlankPlace {
        END,
        FRONT,
        BOTH
    }
}
