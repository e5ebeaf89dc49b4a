package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.measure.Length;

/**
 * Something that is pasted to a page.
 *
 * @param kind what it is
 * @param page to which page, counted through all of them as they are sewn, from 1
 * @param paper which of the book's papers it is cut from, from 0
 * @param width of the leaf, or of the pocket as it lies on the page
 * @param height of it
 * @param holds thickness of what lies in a pocket; of a leaf nothing
 */
@RecordBuilder
public record PastedOn(Kind kind, int page, int paper, Length width, Length height, Length holds)
        implements PastedOnBuilder.With {

    /** Flaps by which a pocket is pasted on, at its sides and below: common practice, no published source. */
    private static final Length FLAP = Length.ofMm(15);

    /** A strip along the fold takes the paste of a leaf: common practice, no published source. */
    public static final Length STRIP = Length.ofMm(4);

    /** Clear of the fold and of the edges, so that a pocket does not hinder the leaf: common practice, no published source. */
    private static final Length CLEAR = Length.ofMm(10);

    /** Nothing narrower is pasted on. */
    static final Length LEAST = Length.ofMm(5);

    /** What is pasted on. */
    public enum Kind {
        /** By a strip along the fold; it is turned like any other. */
        LEAF("leaf tipped on"),
        /** By its flaps, open above. */
        POCKET("pocket");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** One of it, or so many. */
        public String words(int number) {
            return switch (this) {
                case LEAF -> number == 1 ? "leaf to tip on" : "leaves to tip on";
                case POCKET -> number == 1 ? "pocket" : "pockets";
            };
        }
    }

    /** One as it is begun with on a page, of a book's first paper. */
    public static PastedOn starting(Kind kind, int page, BookSpec spec) {
        return new PastedOn(
                kind,
                page,
                0,
                widest(kind, spec.leaf().width()),
                highest(kind, spec.leaf().height()),
                Length.ZERO);
    }

    /** The widest that lies within a leaf so wide. */
    public static Length widest(Kind kind, Length leaf) {
        return kind == Kind.LEAF ? leaf : atLeast(leaf.minus(CLEAR));
    }

    /** The highest that lies within a leaf so high. */
    public static Length highest(Kind kind, Length leaf) {
        return kind == Kind.LEAF ? leaf : atLeast(leaf.minus(CLEAR.times(2)));
    }

    private static Length atLeast(Length length) {
        return length.isLessThan(LEAST) ? LEAST : length;
    }

    /** Width of what is cut for it. */
    public Length cutWidth() {
        return kind == Kind.LEAF ? width : width.plus(FLAP.times(2));
    }

    /** Height of what is cut for it. */
    public Length cutHeight() {
        return kind == Kind.LEAF ? height : height.plus(FLAP);
    }

    /** How much thicker the book becomes by it, of paper so thick: of a pocket its front, its flaps and what it holds. */
    public Length thickness(Length sheet) {
        return kind == Kind.LEAF ? sheet : sheet.times(2).plus(holds);
    }
}
