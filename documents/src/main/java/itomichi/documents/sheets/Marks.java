package itomichi.documents.sheets;

import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.station.Stations;
import java.util.ArrayList;
import java.util.List;

/** Collects what is drawn on a piece, with the marks that all pieces share. */
final class Marks {

    /** Letters of numbers that are read at arm's length. */
    static final double NUMBER_MM = 4.2;
    /** Letters of measures. */
    static final double MEASURE_MM = 2.8;
    /** Letters of names of sides. */
    static final double SIDE_MM = 3.6;

    private final List<Shape> shapes = new ArrayList<>();
    private final List<Double> keepX = new ArrayList<>();
    private final List<Double> keepY = new ArrayList<>();

    Marks line(double x1, double y1, double x2, double y2, Pen pen) {
        shapes.add(new Shape.Line(x1, y1, x2, y2, pen));
        return this;
    }

    Marks line(double x1, double y1, double x2, double y2, Pen pen, Ink ink) {
        shapes.add(new Shape.Line(x1, y1, x2, y2, pen, ink));
        return this;
    }

    Marks words(double x, double y, String text, double size) {
        shapes.add(new Shape.Words(x, y, text, size, false, false));
        return this;
    }

    Marks words(double x, double y, String text, double size, Ink ink) {
        shapes.add(new Shape.Words(x, y, text, size, false, false, ink));
        return this;
    }

    Marks middle(double x, double y, String text, double size) {
        shapes.add(new Shape.Words(x, y, text, size, true, false));
        return this;
    }

    Marks turned(double x, double y, String text, double size) {
        shapes.add(new Shape.Words(x, y, text, size, true, true));
        return this;
    }

    Marks outline(double width, double height) {
        return line(0, 0, width, 0, Pen.CUT)
                .line(width, 0, width, height, Pen.CUT)
                .line(width, height, 0, height, Pen.CUT)
                .line(0, height, 0, 0, Pen.CUT);
    }

    /** The middle of the widest gap between two neighbours, where words meet no mark. */
    static double widestGap(Stations stations) {
        double middle = stations.at(1).mm();
        double widest = 0;
        for (int station = 2; station <= stations.count(); station++) {
            double above = stations.at(station - 1).mm();
            double gap = stations.at(station).mm() - above;
            // of gaps that are alike to the eye, the first
            if (gap > widest + 0.1) {
                widest = gap;
                middle = above + gap / 2;
            }
        }
        return middle;
    }

    /** An arrow at the head that points to it, which no other mark looks like. */
    Marks head(double x, double y) {
        return line(x, y, x - 2.5, y + 4, Pen.NOTE).line(x, y, x + 2.5, y + 4, Pen.NOTE);
    }

    /** A hole: its rim, and a cross to set the point on. Joints of tiles keep clear of it. */
    Marks hole(double x, double y, double widthMm) {
        shapes.add(new Shape.Circle(x, y, Math.max(0.4, widthMm / 2), Pen.HOLE, Ink.BLACK));
        line(x - CROSS_MM, y, x + CROSS_MM, y, Pen.STATION).line(x, y - CROSS_MM, x, y + CROSS_MM, Pen.STATION);
        return keepClear(x, y);
    }

    private static final double CROSS_MM = 2;

    Marks keepClear(double x, double y) {
        keepX.add(x);
        keepY.add(y);
        return this;
    }

    Marks keepClearY(double y) {
        keepY.add(y);
        return this;
    }

    Piece piece(String name, double width, double height) {
        return new Piece(name, width, height, shapes, keepX, keepY);
    }
}
