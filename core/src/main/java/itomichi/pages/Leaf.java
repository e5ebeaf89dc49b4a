package itomichi.pages;

import itomichi.measure.Length;

/**
 * A leaf where it is bound.
 *
 * @param signature of which signature as they are sewn, from 1
 * @param sheet of which sheet, the outermost being 1; of a block of single sheets counted through it; of a leaf tipped on the one whose page it is pasted to
 * @param half which half of the sheet
 * @param paper which of the book's papers, from 0
 * @param width from the fold, or the back, to its edge
 * @param reach how that compares with the book's leaf
 * @param front the side that is read first
 * @param back the other
 */
public record Leaf(int signature, int sheet, Half half, int paper, Length width, Reach reach, Page front, Page back) {

    /** Which half of its sheet a leaf is. */
    public enum Half {
        /** Before the fold. */
        FIRST("first half"),
        /** After the fold. */
        SECOND("second half"),
        /** The sheet is not folded. */
        WHOLE("");

        private final String words;

        Half(String words) {
            this.words = words;
        }
    }

    /** How far a leaf reaches. */
    public enum Reach {
        FULL,
        /** It only catches the fold, so that its other half is held: no leaf to a reader. */
        STUB,
        /** It ends before the fore edge. */
        SHORT,
        /** It is no half of a sheet, but tipped on to a page. */
        TIPPED,
        /** It is folded back, and opens wider than the book. */
        FOLD_OUT
    }

    /** Which it is, in words. */
    public String named() {
        if (reach == Reach.TIPPED) {
            return "not counted, no text on it";
        }
        String which = half == Half.WHOLE
                ? "sheet " + sheet
                : "signature " + signature + ", sheet " + sheet + ", " + half.words;
        return reach == Reach.FOLD_OUT ? which + "; folds out, a picture runs across it" : which;
    }
}
