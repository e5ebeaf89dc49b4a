package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
import java.util.List;

/** Lays pieces on pages of paper, at true size as they leave the printer. */
final class Sheet {

    /** Edge that printers leave unprinted, and the line of words at its foot. */
    private static final double EDGE_MM = 10;

    private static final double FOOT_MM = 6;

    private Sheet() {}

    /**
     * Pages with the pieces on them.
     *
     * @param title what it is, at the foot of every page
     * @param pieces in the order of their weight; larger ones than a page are tiled
     * @param stopped whether nothing may be punched from it
     */
    static Drawing draw(
            String title, List<Piece> pieces, boolean stopped, PrintPaper paper, PrinterCorrection correction) {
        return draw(title, pieces, List.of(), stopped, paper, correction);
    }

    /**
     * The same, and more where they find room.
     *
     * @param again what is laid on once more in turn, as often as the pages that are taken anyway have room
     */
    static Drawing draw(
            String title,
            List<Piece> pieces,
            List<Piece> again,
            boolean stopped,
            PrintPaper paper,
            PrinterCorrection correction) {
        double across = (paper.widthMm() - 2 * EDGE_MM) / correction.across();
        double down = (paper.heightMm() - 2 * EDGE_MM - FOOT_MM) / correction.along();
        List<Piece> tiles = pieces.stream()
                .flatMap(piece -> Tiling.tiles(piece, across, down).stream())
                .toList();
        List<List<Piece>> more =
                again.stream().map(piece -> Tiling.tiles(piece, across, down)).toList();
        List<List<Packing.Laid>> laid = Packing.pages(tiles, more, across, down);
        List<Drawing.Page> pages = new ArrayList<>();
        for (int number = 1; number <= laid.size(); number++) {
            List<Shape> shapes = new ArrayList<>();
            for (Packing.Laid one : laid.get(number - 1)) {
                double x = EDGE_MM / correction.across() + one.xMm();
                double y = EDGE_MM / correction.along() + one.yMm();
                one.piece().shapes().forEach(shape -> shapes.add(shape.moved(x, y)));
            }
            if (stopped) {
                stop(shapes, across, down);
            }
            foot(shapes, title, laid.get(number - 1), number, laid.size(), down, correction);
            pages.add(correction.page(paper, shapes));
        }
        return new Drawing(title, pages);
    }

    /** Across the whole sheet, so that it is not punched by mistake. */
    private static void stop(List<Shape> shapes, double across, double down) {
        shapes.add(new Shape.Line(EDGE_MM, EDGE_MM, across, down, Pen.NOTE));
        shapes.add(new Shape.Line(EDGE_MM, down, across, EDGE_MM, Pen.NOTE));
        for (double share : new double[] {0.3, 0.55, 0.8}) {
            shapes.add(new Shape.Words(
                    EDGE_MM + across / 2, down * share, "STOP. Do not punch from this sheet.", 9, true, false));
        }
    }

    private static void foot(
            List<Shape> shapes,
            String title,
            List<Packing.Laid> laid,
            int number,
            int pages,
            double down,
            PrinterCorrection correction) {
        String parts = laid.stream()
                .map(one -> one.piece().name())
                .filter(name -> name.contains(", part "))
                .reduce((one, other) -> one + "; " + other)
                .map(text -> ". " + text + ": lay the joining lines of one letter or number on each other")
                .orElse("");
        String text = title + (pages > 1 ? ", page " + number + " of " + pages : "") + parts;
        shapes.add(new Shape.Words(
                EDGE_MM / correction.across(),
                EDGE_MM / correction.along() + down + FOOT_MM,
                text.length() > 150 ? text.substring(0, 149) + "…" : text,
                2.4,
                false,
                false));
    }
}
