package itomichi.documents.imposing;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.apache.pdfbox.util.Matrix;

/** Numbers as they stand in the content of a page. */
final class PdfNumbers {

    private PdfNumbers() {}

    static String number(double value) {
        return String.format(Locale.ROOT, "%.5f", value);
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
