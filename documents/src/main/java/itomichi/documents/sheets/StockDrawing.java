package itomichi.documents.sheets;

import itomichi.cutting.Layout;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import java.util.List;
import java.util.Locale;

/**
 * A stock sheet with its pieces and cuts, drawn smaller; the scale is printed beside it, for nothing is cut along this drawing itself.
 *
 * @param shapes what it is drawn into
 * @param supply the stock sheet
 * @param scale how much smaller it is drawn
 * @param leftMm from the left of the page
 * @param topMm from the top of the page
 */
record StockDrawing(List<Shape> shapes, Supply supply, double scale, double leftMm, double topMm) {

    /** Grain lines lie this far apart on the paper. */
    private static final double GRAIN_MM = 4;
    /** The drawing takes no more of a page's height than this. */
    private static final double SHARE = 0.5;

    /** How pieces are marked. */
    enum Marks {
        /** Each with its fold. */
        FOLDS,
        /** Each with the number of its size. */
        NUMBERS,
        NONE
    }

    /** As large as a page has room for, between edges so wide. */
    static StockDrawing on(PrintPaper page, double edgeMm, double topMm, Supply supply, List<Shape> shapes) {
        double scale = Math.min(
                (page.widthMm() - 2 * edgeMm) / supply.width().mm(),
                page.heightMm() * SHARE / supply.height().mm());
        return new StockDrawing(shapes, supply, scale, edgeMm, topMm);
    }

    /** Draws a sheet parted so, and answers where the drawing ends. */
    double draw(Layout layout, Marks marks) {
        double heightMm = supply.height().mm();
        grain();
        rectangle(0, 0, supply.width().mm(), heightMm, Pen.NOTE);
        for (Layout.CutPiece piece : layout.pieces()) {
            piece(piece, marks);
        }
        for (Layout.Cut cut : layout.cuts()) {
            line(cut.x1().mm(), cut.y1().mm(), cut.x2().mm(), cut.y2().mm(), Pen.CUT);
            words(
                    (cut.x1().mm() + 7 * cut.x2().mm()) / 8,
                    (cut.y1().mm() + 7 * cut.y2().mm()) / 8,
                    Integer.toString(cut.step()));
        }
        return topMm + heightMm * scale + 6;
    }

    /** The scale in words. */
    String scaleWords() {
        return "Drawn 1 : " + String.format(Locale.ROOT, "%.1f", 1 / scale) + "; measure on the paper, not here.";
    }

    private void grain() {
        double widthMm = supply.width().mm();
        double heightMm = supply.height().mm();
        double step = GRAIN_MM / scale;
        if (supply.grain() == SheetGrain.ALONG_HEIGHT) {
            for (double x = step; x < widthMm; x += step) {
                line(x, 0, x, heightMm, Pen.GRAIN);
            }
        } else if (supply.grain() == SheetGrain.ALONG_WIDTH) {
            for (double y = step; y < heightMm; y += step) {
                line(0, y, widthMm, y, Pen.GRAIN);
            }
        }
    }

    private void piece(Layout.CutPiece piece, Marks marks) {
        double left = piece.x().mm();
        double top = piece.y().mm();
        double width = piece.width().mm();
        double height = piece.height().mm();
        rectangle(left, top, width, height, Pen.NOTE);
        switch (marks) {
            case FOLDS -> {
                if (piece.turned()) {
                    line(left, top + height / 2, left + width, top + height / 2, Pen.FOLD);
                } else {
                    line(left + width / 2, top, left + width / 2, top + height, Pen.FOLD);
                }
            }
            case NUMBERS -> words(left + width / 2, top + height / 2, "(" + (piece.demand() + 1) + ")");
            case NONE -> {
                // a sheet that is not folded is alike all over
            }
        }
    }

    private void line(double x1, double y1, double x2, double y2, Pen pen) {
        shapes.add(
                new Shape.Line(leftMm + x1 * scale, topMm + y1 * scale, leftMm + x2 * scale, topMm + y2 * scale, pen));
    }

    private void rectangle(double x, double y, double width, double height, Pen pen) {
        line(x, y, x + width, y, pen);
        line(x, y + height, x + width, y + height, pen);
        line(x, y, x, y + height, pen);
        line(x + width, y, x + width, y + height, pen);
    }

    private void words(double x, double y, String text) {
        shapes.add(new Shape.Words(leftMm + x * scale + 0.8, topMm + y * scale - 0.8, text, 3, false, false));
    }
}
