package itomichi.documents.sheets;

import itomichi.spec.UnfitValueException;
import java.util.List;

/**
 * How labels or slips lie on a sheet of paper, in its middle: sizes as the sheets are commonly sold, from memory; slips that are cut apart are
 * common practice, no published source.
 */
public enum LabelForm {
    /** On plain paper, to be cut apart along lines. */
    SLIPS("slips to cut apart", List.of(PrintPaper.A4, PrintPaper.LETTER), 3, 7, 60, 36, 0),
    SMALL("3 × 8 labels of 70 × 37 mm", List.of(PrintPaper.A4), 3, 8, 70, 37, 0),
    LARGE("2 × 7 labels of 99.1 × 38.1 mm", List.of(PrintPaper.A4), 2, 7, 99.1, 38.1, 2.5),
    ADDRESS("3 × 10 labels of 2 5/8 × 1 in", List.of(PrintPaper.LETTER), 3, 10, 66.675, 25.4, 3.175);

    private final String words;
    private final List<PrintPaper> papers;
    private final int columns;
    private final int rows;
    private final double widthMm;
    private final double heightMm;
    private final double apartMm;

    LabelForm(
            String words,
            List<PrintPaper> papers,
            int columns,
            int rows,
            double widthMm,
            double heightMm,
            double apartMm) {
        this.words = words;
        this.papers = papers;
        this.columns = columns;
        this.rows = rows;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.apartMm = apartMm;
    }

    /**
     * The same, where there are sheets of that paper with it.
     *
     * @throws UnfitValueException if there are none
     */
    public LabelForm checked(PrintPaper paper) {
        if (!papers.contains(paper)) {
            throw new UnfitValueException("form", "There are no sheets of " + paper.words() + " with " + words + ".");
        }
        return this;
    }

    /** What they are called. */
    public String words() {
        return words;
    }

    /** How many lie on a sheet. */
    public int onSheet() {
        return columns * rows;
    }

    double widthMm() {
        return widthMm;
    }

    double heightMm() {
        return heightMm;
    }

    /** Whether lines are drawn to cut along. */
    boolean cutApart() {
        return this == SLIPS;
    }

    /** From the left edge of a paper to a label's, which is counted from 0, row by row. */
    double leftMm(int label, PrintPaper paper) {
        double all = columns * widthMm + (columns - 1) * apartMm;
        return (paper.widthMm() - all) / 2 + label % columns * (widthMm + apartMm);
    }

    /** From the upper edge of a paper to a label's. */
    double topMm(int label, PrintPaper paper) {
        int row = label / columns;
        return (paper.heightMm() - rows * heightMm) / 2 + row * heightMm;
    }
}
