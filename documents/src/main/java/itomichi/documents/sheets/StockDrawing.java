package itomichi.documents.sheets;

import itomichi.cutting.Layout;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

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
    /** Height of letters. */
    private static final double LETTERS_MM = 3;
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
        grain(words(layout, marks));
        rectangle(0, 0, supply.width().mm(), heightMm, Pen.NOTE);
        for (Layout.CutPiece piece : layout.pieces()) {
            piece(piece, marks);
        }
        for (Layout.Cut cut : layout.cuts()) {
            line(cut.x1().mm(), cut.y1().mm(), cut.x2().mm(), cut.y2().mm(), Pen.CUT);
        }
        words(layout, marks).forEach(shapes::add);
        return topMm + heightMm * scale + 6;
    }

    /** The scale in words. */
    String scaleWords() {
        return "Drawn 1 : " + String.format(Locale.ROOT, "%.1f", 1 / scale) + "; measure on the paper, not here.";
    }

    /** The number of each cut at its end, and of each size in its piece where there is room for it. */
    private List<Shape.Words> words(Layout layout, Marks marks) {
        List<Shape.Words> words = new ArrayList<>();
        for (Layout.Cut cut : layout.cuts()) {
            words.add(word(
                    (cut.x1().mm() + 7 * cut.x2().mm()) / 8,
                    (cut.y1().mm() + 7 * cut.y2().mm()) / 8,
                    Integer.toString(cut.step())));
        }
        for (Layout.CutPiece piece : layout.pieces()) {
            boolean room = Math.min(piece.width().mm(), piece.height().mm()) * scale > 2 * LETTERS_MM;
            if (marks == Marks.NUMBERS && room) {
                words.add(word(
                        piece.x().mm() + piece.width().mm() / 2,
                        piece.y().mm() + piece.height().mm() / 2,
                        "(" + (piece.demand() + 1) + ")"));
            }
        }
        return words;
    }

    private Shape.Words word(double x, double y, String text) {
        return new Shape.Words(leftMm + x * scale + 0.8, topMm + y * scale - 0.8, text, LETTERS_MM, false, false);
    }

    /** Grain lines, which leave words free. */
    private void grain(List<Shape.Words> words) {
        double widthMm = supply.width().mm() * scale;
        double heightMm = supply.height().mm() * scale;
        if (supply.grain() == SheetGrain.ALONG_HEIGHT) {
            for (double x = leftMm + GRAIN_MM; x < leftMm + widthMm; x += GRAIN_MM) {
                double at = x;
                double from = topMm;
                for (Shape.Words word : crossed(words, word -> at > left(word) && at < right(word), Shape.Words::yMm)) {
                    from = grainLine(true, at, from, word.yMm() - LETTERS_MM, word.yMm() + 1);
                }
                grainLine(true, at, from, topMm + heightMm, 0);
            }
        } else if (supply.grain() == SheetGrain.ALONG_WIDTH) {
            for (double y = topMm + GRAIN_MM; y < topMm + heightMm; y += GRAIN_MM) {
                double at = y;
                double from = leftMm;
                for (Shape.Words word :
                        crossed(words, word -> at > word.yMm() - LETTERS_MM && at < word.yMm() + 1, Shape.Words::xMm)) {
                    from = grainLine(false, at, from, left(word), right(word));
                }
                grainLine(false, at, from, leftMm + widthMm, 0);
            }
        }
    }

    private static double left(Shape.Words word) {
        return word.xMm() - 0.6;
    }

    private static double right(Shape.Words word) {
        return word.xMm() + word.text().length() * LETTERS_MM * 0.6 + 0.6;
    }

    private static List<Shape.Words> crossed(
            List<Shape.Words> words, Predicate<Shape.Words> which, ToDoubleFunction<Shape.Words> along) {
        return words.stream()
                .filter(which)
                .sorted(Comparator.comparingDouble(along))
                .toList();
    }

    /** A grain line as far as the next word; answers where it goes on. */
    private double grainLine(boolean upright, double at, double from, double to, double goesOn) {
        if (to > from) {
            shapes.add(
                    upright
                            ? new Shape.Line(at, from, at, to, Pen.GRAIN)
                            : new Shape.Line(from, at, to, at, Pen.GRAIN));
        }
        return Math.max(from, goesOn);
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
            case NUMBERS, NONE -> {
                // what is not folded has no line in it
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
}
