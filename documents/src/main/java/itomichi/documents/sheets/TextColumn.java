package itomichi.documents.sheets;

import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
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
        broken(text, widthMm, sizeMm).forEach(line -> put(line, sizeMm));
        return this;
    }

    /** The lines that a text takes in a column of that width. */
    static List<String> broken(String text, double widthMm, double sizeMm) {
        int most = Math.max(8, (int) (widthMm / (sizeMm * LETTER)));
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split("[ \n]+", -1)) {
            String rest = word;
            while (rest.length() > most) {
                flush(line, lines);
                lines.add(rest.substring(0, most));
                rest = rest.substring(most);
            }
            if (line.length() + rest.length() + 1 > most) {
                flush(line, lines);
            }
            line.append(line.isEmpty() ? "" : " ").append(rest);
        }
        flush(line, lines);
        return lines;
    }

    private static void flush(StringBuilder line, List<String> lines) {
        if (!line.isEmpty()) {
            lines.add(line.toString());
            line.setLength(0);
        }
    }

    private void put(String line, double sizeMm) {
        shapes.add(new Shape.Words(xMm, yMm, line, sizeMm, false, false));
        yMm += sizeMm * LINE;
    }
}
