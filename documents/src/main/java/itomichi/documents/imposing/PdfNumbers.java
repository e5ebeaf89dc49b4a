package itomichi.documents.imposing;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.util.Matrix;

/** Numbers as they stand in the content of a page. */
final class PdfNumbers {

    /** A hundred-thousandth of a point is less than any printer shows. */
    private static final int DIGITS = 5;

    private static final double SCALED = 1e5;

    private PdfNumbers() {}

    static String number(double value) {
        return BigDecimal.valueOf(Math.round(value * SCALED), DIGITS).toPlainString();
    }

    /** Its six numbers. */
    static String matrix(Matrix matrix) {
        return number(matrix.getScaleX()) + " " + number(matrix.getShearY()) + " " + number(matrix.getShearX()) + " "
                + number(matrix.getScaleY()) + " " + number(matrix.getTranslateX()) + " "
                + number(matrix.getTranslateY());
    }

    static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }
}
