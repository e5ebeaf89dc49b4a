package itomichi.documents.sheets;

import itomichi.book.BookPlan;
import itomichi.cutting.CuttingPlan;
import itomichi.cutting.Layout;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.CutList;
import itomichi.plan.PaperPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * The cutting plan of one paper: each way of parting a stock sheet drawn to a scale that is printed beside it, and the cuts in their order.
 *
 * <p>One page for each way; nothing is to be cut along this drawing itself.
 */
public final class CuttingSheet {

    private static final double EDGE_MM = 14;
    private static final double TITLE_MM = 5.2;
    private static final double WORDS_MM = 3.4;

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
            StockDrawing sheet = StockDrawing.on(page, EDGE_MM, belowMm, cutting.supply(), shapes);
            double bottomMm = sheet.draw(
                    cutting.layouts().get(i),
                    plan.spec().bound().form().folded() ? StockDrawing.Marks.FOLDS : StockDrawing.Marks.NONE);
            steps(shapes, cutting.layouts().get(i), sheet, bottomMm);
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

    private void steps(List<Shape> shapes, Layout layout, StockDrawing sheet, double topMm) {
        TextColumn column = new TextColumn(shapes, EDGE_MM, topMm, page.widthMm() - 2 * EDGE_MM);
        column.words(sheet.scaleWords() + " " + grainWords(), WORDS_MM);
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
}
