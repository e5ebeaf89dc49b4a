package itomichi.documents.imposing;

import java.io.IOException;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/**
 * A page as it is seen: cut to what its file says is seen of it, and turned as it says.
 *
 * @param box what is seen, in the page's own points
 * @param turned by how many degrees clockwise: 0, 90, 180 or 270
 * @param unit points of 1/72 in. in one of its own
 */
record SeenPage(PDRectangle box, int turned, double unit) {

    /** Points in a millimetre: a point is 1/72 in (ISO 32000). */
    static final double POINTS = 72 / 25.4;

    private static final double LEAST_MM = 5;
    private static final double MOST_MM = 5_000;

    /**
     * What is seen of a page.
     *
     * @param number of it, from 1, to say which one is wrong
     * @throws TextFault if it is not of a size that anything is printed in
     */
    static SeenPage of(PDPage page, int number) throws TextFault {
        SeenPage seen = new SeenPage(page.getCropBox(), Math.floorMod(page.getRotation() / 90 * 90, 360), unit(page));
        if (!fits(seen.widthMm()) || !fits(seen.heightMm())) {
            throw new TextFault("Page " + number + " of the file is " + rounded(seen.widthMm()) + " by "
                    + rounded(seen.heightMm()) + " mm; from 5 mm to 5 m is printed.");
        }
        return seen;
    }

    private static boolean fits(double mm) {
        return mm >= LEAST_MM && mm <= MOST_MM;
    }

    private static String rounded(double mm) {
        return Double.isFinite(mm) ? Long.toString(Math.round(mm)) : "?";
    }

    private static double unit(PDPage page) {
        return page.getCOSObject().getDictionaryObject("UserUnit") instanceof COSNumber number
                        && number.floatValue() > 0
                ? number.floatValue()
                : 1;
    }

    private boolean lying() {
        return turned % 180 != 0;
    }

    double widthMm() {
        return (lying() ? box.getHeight() : box.getWidth()) * unit / POINTS;
    }

    double heightMm() {
        return (lying() ? box.getWidth() : box.getHeight()) * unit / POINTS;
    }

    /** From the page's own points to points as it is seen, its lower left corner nought. */
    Matrix upright() throws IOException {
        return switch (turned) {
            case 90 -> new Matrix(0, -1, 1, 0, -box.getLowerLeftY(), box.getUpperRightX());
            case 180 -> new Matrix(-1, 0, 0, -1, box.getUpperRightX(), box.getUpperRightY());
            case 270 -> new Matrix(0, 1, -1, 0, box.getUpperRightY(), -box.getLowerLeftX());
            default -> new Matrix(1, 0, 0, 1, -box.getLowerLeftX(), -box.getLowerLeftY());
        };
    }
}
