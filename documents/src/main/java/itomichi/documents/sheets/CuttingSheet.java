package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.cutting.CuttingPlan;
import itomichi.cutting.Layout;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.material.SheetGrain;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.CutList;
import itomichi.plan.PaperPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The cutting plan of one paper: each way of parting a stock sheet drawn to a scale that is printed beside it, and the cuts in their order.
 *
 * <p>One page for each way; nothing is to be cut along this drawing itself.
 */
public final class CuttingSheet {

    private static final double EDGE_MM = 14;
    private static final double TITLE_MM = 5.2;
    private static final double WORDS_MM = 3.4;
    /** Grain lines lie this far apart on the paper. */
    private static final double GRAIN_MM = 4;
    /** The drawing takes no more of a page's height than this. */
    private static final double DRAWING_SHARE = 0.5;

    private final BookPlan plan;
    private final PaperPlan paper;
    private final CuttingPlan cutting;
    private final PrintPaper page;
    private final LocalDate date;
    private final int revision;
    private final Unit unit;

    private CuttingSheet(
            BookPlan plan, PaperPlan paper, CuttingPlan cutting, PrintPaper page, LocalDate date, int revision) {
        this.plan = plan;
        this.paper = paper;
        this.cutting = cutting;
        this.page = page;
        this.date = date;
        this.revision = revision;
        this.unit = plan.spec().title().unit();
    }

    /**
     * Draws the cutting plan of a paper.
     *
     * @param plan the book
     * @param paper its paper; it must come in stock sheets
     * @param page the paper it is printed on
     * @param date the day printed on it
     * @param revision the revision of the book printed on it
     * @throws IllegalArgumentException if the paper comes cut to size, or nothing comes out of its stock
     */
    public static Drawing draw(BookPlan plan, PaperPlan paper, PrintPaper page, LocalDate date, int revision) {
        CuttingPlan cutting = paper.cutting()
                .filter(CuttingPlan::possible)
                .orElseThrow(() -> new IllegalArgumentException(
                        "Nothing is cut from stock of " + paper.paper().paper().name()));
        return new CuttingSheet(plan, paper, cutting, page, date, revision).draw();
    }

    private Drawing draw() {
        List<Drawing.Page> pages = new ArrayList<>();
        for (int i = 0; i < cutting.layouts().size(); i++) {
            List<Shape> shapes = new ArrayList<>();
            double belowMm = heading(shapes, i);
            double bottomMm = stock(shapes, cutting.layouts().get(i), belowMm);
            steps(shapes, cutting.layouts().get(i), bottomMm);
            pages.add(new Drawing.Page(page.widthMm(), page.heightMm(), shapes));
        }
        return new Drawing("Cutting plan: " + plan.spec().title().name(), pages);
    }

    private String shown(Length length) {
        return length.at(Fineness.CUT).in(unit);
    }

    private double heading(List<Shape> shapes, int number) {
        TextColumn column = new TextColumn(shapes, EDGE_MM, EDGE_MM + 4, page.widthMm() - 2 * EDGE_MM);
        column.words(plan.spec().title().name(), TITLE_MM).gap(1);
        column.words(
                "Cutting plan, " + paper.paper().paper().name() + ": " + cutting.stockSheets() + " stock sheets of "
                        + shown(cutting.supply().width()) + " × "
                        + shown(cutting.supply().height()),
                WORDS_MM);
        column.words(date + ", revision " + revision, WORDS_MM);
        int sheets = cutting.layouts().get(number).sheets();
        if (cutting.layouts().size() > 1) {
            column.gap(1)
                    .words(
                            "Way " + (number + 1) + " of " + cutting.layouts().size() + ": " + sheets
                                    + (sheets == 1 ? " sheet" : " sheets") + " parted so",
                            WORDS_MM);
        }
        return column.yMm() + 4;
    }

    /** How much smaller than the stock sheet it is drawn. */
    private double scale() {
        return Math.min(
                (page.widthMm() - 2 * EDGE_MM) / cutting.supply().width().mm(),
                page.heightMm() * DRAWING_SHARE / cutting.supply().height().mm());
    }

    /** Draws the stock sheet and answers where it ends. */
    private double stock(List<Shape> shapes, Layout layout, double topMm) {
        double widthMm = cutting.supply().width().mm();
        double heightMm = cutting.supply().height().mm();
        double scale = scale();
        StockArea frame = new StockArea(shapes, scale, EDGE_MM, topMm);
        grain(frame, widthMm, heightMm);
        frame.rectangle(0, 0, widthMm, heightMm, Pen.NOTE);
        for (Layout.CutPiece piece : layout.pieces()) {
            piece(frame, piece);
        }
        for (Layout.Cut cut : layout.cuts()) {
            frame.line(cut.x1().mm(), cut.y1().mm(), cut.x2().mm(), cut.y2().mm(), Pen.CUT);
            frame.words(
                    (cut.x1().mm() + 7 * cut.x2().mm()) / 8,
                    (cut.y1().mm() + 7 * cut.y2().mm()) / 8,
                    Integer.toString(cut.step()));
        }
        return topMm + heightMm * scale + 6;
    }

    private void grain(StockArea frame, double widthMm, double heightMm) {
        double step = GRAIN_MM / frame.scale;
        if (cutting.supply().grain() == SheetGrain.ALONG_HEIGHT) {
            for (double x = step; x < widthMm; x += step) {
                frame.line(x, 0, x, heightMm, Pen.GRAIN);
            }
        } else if (cutting.supply().grain() == SheetGrain.ALONG_WIDTH) {
            for (double y = step; y < heightMm; y += step) {
                frame.line(0, y, widthMm, y, Pen.GRAIN);
            }
        }
    }

    private void piece(StockArea frame, Layout.CutPiece piece) {
        double left = piece.x().mm();
        double top = piece.y().mm();
        double width = piece.width().mm();
        double height = piece.height().mm();
        frame.rectangle(left, top, width, height, Pen.NOTE);
        if (!plan.spec().bound().form().folded()) {
            return;
        }
        if (piece.turned()) {
            frame.line(left, top + height / 2, left + width, top + height / 2, Pen.FOLD);
        } else {
            frame.line(left + width / 2, top, left + width / 2, top + height, Pen.FOLD);
        }
    }

    private void steps(List<Shape> shapes, Layout layout, double topMm) {
        TextColumn column = new TextColumn(shapes, EDGE_MM, topMm, page.widthMm() - 2 * EDGE_MM);
        column.words(
                "Drawn 1 : "
                        + String.format(Locale.ROOT, "%.1f", 1 / scale())
                        + "; measure on the paper, not here. " + grainWords(),
                WORDS_MM);
        column.gap(2);
        for (int i = 0; i < layout.steps().size(); i++) {
            column.words((i + 1) + ". " + layout.steps().get(i).in(unit), WORDS_MM);
        }
        column.gap(2);
        paper.demands()
                .forEach(demand -> column.words(
                        "Wanted: " + demand.number() + " of " + shown(demand.width()) + " × " + shown(demand.height()),
                        WORDS_MM));
        if (cutting.shortOf() > 0) {
            column.words(
                    "In the drawer: " + cutting.supply().have().orElse(0) + "; short by " + cutting.shortOf(),
                    WORDS_MM);
        }
        column.words("Left over: " + Math.round(cutting.waste() * 100) + " % of the paper", WORDS_MM);
        column.gap(2).words(CutList.KNIFE, WORDS_MM);
    }

    private String grainWords() {
        return switch (cutting.grain()) {
            case WITH_FOLD -> "Fine lines: the grain, along every fold.";
            case ACROSS_FOLD -> "Fine lines: the grain. It runs across folds.";
            case UNKNOWN -> "The grain is not tested: find it before the first cut.";
        };
    }

    /** A place on the page where millimetres of the stock sheet are drawn smaller. */
    private record StockArea(List<Shape> shapes, double scale, double leftMm, double topMm) {

        void line(double x1, double y1, double x2, double y2, Pen pen) {
            shapes.add(new Shape.Line(
                    leftMm + x1 * scale, topMm + y1 * scale, leftMm + x2 * scale, topMm + y2 * scale, pen));
        }

        void rectangle(double x, double y, double width, double height, Pen pen) {
            line(x, y, x + width, y, pen);
            line(x, y + height, x + width, y + height, pen);
            line(x, y, x, y + height, pen);
            line(x + width, y, x + width, y + height, pen);
        }

        void words(double x, double y, String text) {
            shapes.add(new Shape.Words(leftMm + x * scale + 0.8, topMm + y * scale - 0.8, text, 3, false, false));
        }
    }
}
