package itomichi.documents.sheets;

import io.nayuki.qrcodegen.QrCode;
import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
import java.util.List;

/** A code on paper that leads back to a place at this bench. */
final class AddressCode {

    private AddressCode() {}

    /** Its dark parts, each run along a line in one; all of it so many mm wide and high. */
    static List<Shape> shapes(String address, double leftMm, double topMm, double sizeMm) {
        List<Shape> shapes = new ArrayList<>();
        QrCode code = QrCode.encodeText(address, QrCode.Ecc.MEDIUM);
        double module = sizeMm / code.size;
        for (int y = 0; y < code.size; y++) {
            int from = -1;
            for (int x = 0; x <= code.size; x++) {
                boolean dark = x < code.size && code.getModule(x, y);
                if (dark && from < 0) {
                    from = x;
                } else if (!dark && from >= 0) {
                    shapes.add(new Shape.Block(
                            leftMm + from * module, topMm + y * module, (x - from) * module, module * 1.02));
                    from = -1;
                }
            }
        }
        return shapes;
    }
}
