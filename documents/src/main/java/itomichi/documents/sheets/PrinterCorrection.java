package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.util.List;

/**
 * What a drawing is stretched by so that it leaves a printer at true size.
 *
 * @param across factor along the page's width
 * @param along factor along its height
 */
public record PrinterCorrection(double across, double along) {

    /** A printer that is off by more than this is not off: something else is wrong. */
    private static final double MOST = 0.10;

    /** For a printer that is true. */
    public static final PrinterCorrection NONE = new PrinterCorrection(1, 1);

    /** @throws IllegalArgumentException, in one line for the screen, if a factor is off by more than a tenth */
    public PrinterCorrection {
        check(across);
        check(along);
    }

    private static void check(double factor) {
        if (!(factor >= 1 - MOST && factor <= 1 + MOST)) {
            throw new IllegalArgumentException(
                    "A correction of %.1f %%: from 90 to 110 %% is taken. Print without \u201cfit to page\u201d and measure again."
                            .formatted(factor * 100));
        }
    }

    /** A page with these on it, so stretched that they leave the printer at true size. */
    Drawing.Page page(PrintPaper paper, List<Shape> shapes) {
        return new Drawing.Page(
                paper.widthMm(),
                paper.heightMm(),
                shapes.stream().map(shape -> shape.stretched(across, along)).toList());
    }

    /**
     * From the check bars of a sheet as it was printed.
     *
     * @param nominal the length the bars should have
     * @param across what the level bar measures
     * @param along what the upright bar measures
     * @param used the correction that the sheet was printed with
     * @throws IllegalArgumentException, in one line, if a bar cannot be right
     */
    public static PrinterCorrection fromBars(Length nominal, Length across, Length along, PrinterCorrection used) {
        if (across.micrometres() <= 0 || along.micrometres() <= 0) {
            throw new IllegalArgumentException("A bar of "
                    + Length.ZERO.at(Fineness.MARK).in(Unit.MM) + " cannot be; measure both bars on the print.");
        }
        return new PrinterCorrection(used.across * nominal.mm() / across.mm(), used.along * nominal.mm() / along.mm());
    }
}
