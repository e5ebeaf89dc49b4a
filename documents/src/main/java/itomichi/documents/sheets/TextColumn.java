package itomichi.documents.sheets;

import itomichi.documents.drawing.Shape;
import java.util.List;

/** Sets words under each other in a column, broken at its width. */
final class TextColumn {

    /** Width of an average letter for its size; on the safe side for the face that is shipped. */
    static final double LETTER = 0.54;

    private static final double LINE = 1.35;

    private final List<Shape> shapes;
    private final double xMm;
    private final double widthMm;
    private double yMm;

    TextColumn(List<Shape> shapes, double xMm, double yMm, double widthMm) {
        this.shapes = shapes;
        this.xMm = xMm;
        this.yMm = yMm;
        this.widthMm = widthMm;
    }

    double yMm() {
        return yMm;
    }

    TextColumn gap(double mm) {
        yMm += mm;
        return this;
    }

    TextColumn words(String text, double sizeMm) {
        int most = Math.max(8, (int) (widthMm / (sizeMm * LETTER)));
        StringBuilder line = new StringBuilder();
        for (String word : text.split("[ \n]+", -1)) {
            String rest = word;
            while (rest.length() > most) {
                flush(line, sizeMm);
                put(rest.substring(0, most), sizeMm);
                rest = rest.substring(most);
            }
            if (line.length() + rest.length() + 1 > most) {
                flush(line, sizeMm);
            }
            line.append(line.isEmpty() ? "" : " ").append(rest);
        }
        flush(line, sizeMm);
        return this;
    }

    private void flush(StringBuilder line, double sizeMm) {
        if (!line.isEmpty()) {
            put(line.toString(), sizeMm);
            line.setLength(0);
        }
    }

    private void put(String line, double sizeMm) {
        shapes.add(new Shape.Words(xMm, yMm, line, sizeMm, false, false));
        yMm += sizeMm * LINE;
    }
}
