package itomichi.gathering;

import itomichi.measure.Length;

/**
 * A sheet folded once.
 *
 * @param paper which of the book's papers it is, from 0
 * @param thickness of the sheet
 * @param first width of the leaf that lies before the fold
 * @param second width of the leaf that lies after it
 */
public record FoldedSheet(int paper, Length thickness, Length first, Length second) {

    /** Folded leaves lie this far back from the fore edge, so that the fold is not trimmed off: common practice. */
    static final Length FOLD_BACK_CLEARANCE = Length.ofMm(5);

    /** A stub as a loose leaf is hooked round a fold by; out of a narrower one the thread pulls. Common practice, no published source. */
    public static final Length USUAL_STUB = Length.ofMm(20);

    /** A half narrower than this only catches the fold, and nobody counts it as a leaf: common practice, no published source. */
    private static final Length WIDEST_STUB = Length.ofMm(25);

    /** Whether a half is a stub in a book of this leaf width; of a tiny book only what is less than half a leaf. */
    public static boolean stub(Length width, Length leaf) {
        return width.isLessThan(WIDEST_STUB) && width.times(2).isLessThan(leaf);
    }

    /** Pages of it in a book of this leaf width. */
    int pages(Length leaf) {
        return pages(first, leaf) + pages(second, leaf);
    }

    private static int pages(Length width, Length leaf) {
        return stub(width, leaf) ? 0 : Extent.pagesPerSheet(false);
    }

    /** Width of the sheet before it is folded. */
    public Length unfolded() {
        return first.plus(second);
    }

    /** Layers of paper that this sheet lays at the fore edge of a book of this leaf width. */
    int layersAtForeEdge(Length leaf) {
        return layers(first, leaf) + layers(second, leaf);
    }

    private static int layers(Length width, Length leaf) {
        if (width.isLessThan(leaf)) {
            return 0;
        }
        return 1 + folds(width, leaf);
    }

    /** How often a wide leaf must be folded back to lie within the book. */
    public static int folds(Length width, Length leaf) {
        if (!width.isMoreThan(leaf)) {
            return 0;
        }
        double panelMm = leaf.minus(FOLD_BACK_CLEARANCE).mm();
        return (int) Math.ceil((width.mm() - panelMm) / panelMm - 1e-9);
    }

    /** Where a wide leaf is folded back, measured from the fold of the signature. */
    public static Length foldedBackAt(Length leaf) {
        return leaf.minus(FOLD_BACK_CLEARANCE);
    }
}
