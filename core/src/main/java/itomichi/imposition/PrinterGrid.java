package itomichi.imposition;

import itomichi.spec.PrintWish.PrinterSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Opened sheets side by side on a printer's sheet, all upright, cut apart by cuts from edge to edge; in its middle, so that fronts and
 * backs meet whichever way it is turned over.
 *
 * @param width of the printer's sheet as it lies, which may be on its long edge
 * @param height of it
 * @param cells where the opened sheets lie, row by row
 * @param unprintable how far from its edges nothing can be printed
 */
record PrinterGrid(double width, double height, List<Box> cells, double unprintable) {

    /** What a rule does not see: an A5 book on A4. */
    private static final double NOTHING = 0.05;

    PrinterGrid {
        cells = List.copyOf(cells);
    }

    /**
     * As many as there is room for, the printer's sheet lying as it takes more.
     *
     * @param gap left between two of them
     * @return nothing where it does not take one
     */
    static Optional<PrinterGrid> of(PrinterSheet sheet, double width, double height, double gap) {
        double edge = sheet.unprintable().mm();
        double shorter = Math.min(sheet.width().mm(), sheet.height().mm());
        double longer = Math.max(sheet.width().mm(), sheet.height().mm());
        PrinterGrid upright = laid(shorter, longer, edge, width, height, gap);
        PrinterGrid lying = laid(longer, shorter, edge, width, height, gap);
        PrinterGrid most = lying.cells.size() >= upright.cells.size() ? lying : upright;
        return most.cells.isEmpty() ? Optional.empty() : Optional.of(most);
    }

    private static PrinterGrid laid(double across, double down, double edge, double width, double height, double gap) {
        int columns = (int) Math.floor((across + gap + NOTHING) / (width + gap));
        int rows = (int) Math.floor((down + gap + NOTHING) / (height + gap));
        double left = (across - columns * width - (columns - 1) * gap) / 2;
        double top = (down - rows * height - (rows - 1) * gap) / 2;
        List<Box> cells = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                cells.add(new Box(left + column * (width + gap), top + row * (height + gap), width, height));
            }
        }
        return new PrinterGrid(across, down, cells, edge);
    }

    /** What of it can be printed on. */
    Box printable() {
        return new Box(unprintable, unprintable, width - 2 * unprintable, height - 2 * unprintable);
    }

    /** Where a cell lies once the printer's sheet is turned over as a leaf is. */
    Box behind(int cell) {
        Box front = cells.get(cell);
        return new Box(width - front.right(), front.y(), front.width(), front.height());
    }
}
