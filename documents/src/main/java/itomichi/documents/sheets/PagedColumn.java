package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Words and strokes under each other, going on to a new page where one is full. */
final class PagedColumn {

    static final double EDGE_MM = 14;
    static final double TITLE_MM = 5.2;
    static final double WORDS_MM = 3.4;
    static final double HEAD_MM = WORDS_MM * 1.25;
    private static final double BOX_MM = 3.6;
    private static final double TOP_MM = EDGE_MM + 4;

    private final PrintPaper paper;
    private final List<Drawing.Page> pages = new ArrayList<>();
    private List<Shape> shapes = new ArrayList<>();
    private double yMm = TOP_MM;

    PagedColumn(PrintPaper paper) {
        this.paper = paper;
    }

    /** Where the next line of words stands, mm from the head of the page. */
    double yMm() {
        return yMm;
    }

    /** From the left edge to the right, mm. */
    double widthMm() {
        return paper.widthMm() - 2 * EDGE_MM;
    }

    void gap(double mm) {
        yMm += mm;
    }

    void put(Shape shape) {
        shapes.add(shape);
    }

    /** A box at the edge: empty where nobody looked, ticked where it was good, crossed where it was not. */
    void box(Optional<Boolean> good) {
        double x = EDGE_MM;
        double y = yMm - BOX_MM + 0.6;
        stroke(x, y, x + BOX_MM, y);
        stroke(x + BOX_MM, y, x + BOX_MM, y + BOX_MM);
        stroke(x + BOX_MM, y + BOX_MM, x, y + BOX_MM);
        stroke(x, y + BOX_MM, x, y);
        good.ifPresent(well -> {
            stroke(x, well ? y + BOX_MM * 0.55 : y, x + BOX_MM * (well ? 0.4 : 1), y + BOX_MM);
            stroke(x + BOX_MM * (well ? 0.4 : 0), y + BOX_MM, x + BOX_MM, y);
        });
    }

    private void stroke(double x1, double y1, double x2, double y2) {
        put(new Shape.Line(x1, y1, x2, y2, Pen.CHECK, Ink.BLACK));
    }

    /** Words from so far right of the edge on, as wide as the page allows. */
    void words(double indentMm, String text, double sizeMm) {
        words(indentMm, widthMm() - indentMm, text, sizeMm);
    }

    void words(double indentMm, double widthMm, String text, double sizeMm) {
        TextColumn column = new TextColumn(shapes, EDGE_MM + indentMm, yMm, widthMm);
        column.words(text, sizeMm);
        yMm = column.yMm();
    }

    /** Words that may be longer than a page. */
    void flowing(String text, double sizeMm) {
        for (String line : TextColumn.broken(text, widthMm(), sizeMm)) {
            room(2 * sizeMm);
            words(0, line, sizeMm);
        }
    }

    /** Cells beside each other, each so far right of the edge; the next line stands under the longest. */
    void row(List<Cell> cells, double sizeMm) {
        double top = yMm;
        double low = top;
        for (Cell cell : cells) {
            yMm = top;
            words(cell.indentMm(), cell.widthMm(), cell.text(), sizeMm);
            low = Math.max(low, yMm);
        }
        yMm = low;
    }

    /** A cell of a row; mm. */
    record Cell(double indentMm, double widthMm, String text) {}

    /** Goes on to a new page where less than that is left of this one, mm. */
    void room(double mm) {
        if (yMm + mm > paper.heightMm() - EDGE_MM) {
            endPage();
        }
    }

    private void endPage() {
        pages.add(new Drawing.Page(paper.widthMm(), paper.heightMm(), shapes));
        shapes = new ArrayList<>();
        yMm = TOP_MM;
    }

    /** All pages. */
    Drawing drawing(String title) {
        endPage();
        return new Drawing(title, pages);
    }
}
