package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * How a binder wants a book's pages counted.
 *
 * @param blanks where pages go that nobody asked for
 * @param uncounted pages of the text before any is counted
 * @param roman pages after those, counted in small roman figures
 * @param first the number of the page after those
 * @param doubled whether single sheets are folded at their fore edge, printed on one side, so that their inside is never seen
 * @param artwork what was made on sheets beforehand
 * @param pasted what is pasted to pages
 */
@RecordBuilder
public record PageWish(
        BlankPlace blanks, int uncounted, int roman, int first, boolean doubled, Artwork artwork, List<PastedOn> pasted)
        implements PageWishBuilder.With {

    /** Counted from the first page on; what is over stands at the end. */
    public static final PageWish PLAIN = new PageWish(BlankPlace.END, 0, 0, 1, false, Artwork.NONE, List.of());

    public PageWish {
        pasted = List.copyOf(pasted);
    }

    /** Where pages go that nobody asked for. The text always begins on a right-hand page. */
    public enum BlankPlace {
        END("at the end"),
        FRONT("in front"),
        BOTH("at both ends");

        private final String words;

        BlankPlace(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
