package itomichi.documents.sheets;

import itomichi.cutting.StockPlan;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Shape;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.CutList;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is cut for several books from one kind of sheet and its off-cuts: a page for each way of parting a sheet, with its cuts in their order. */
public final class SharedCutsSheet {

    private static final double EDGE_MM = 14;
    private static final double TITLE_MM = 5.2;
    private static final double WORDS_MM = 3.4;

    private final Wanted wanted;
    private final PrintPaper page;
    private final LocalDate date;
    private final Unit unit;

    private SharedCutsSheet(Wanted wanted, PrintPaper page, LocalDate date, Unit unit) {
        this.wanted = wanted;
        this.page = page;
        this.date = date;
        this.unit = unit;
    }

    /**
     * What is cut.
     *
     * @param plan how
     * @param stocks what each kind of sheet of the plan is called
     * @param sizes what each size of the plan is for
     */
    public record Wanted(StockPlan plan, List<String> stocks, List<String> sizes) {
        public Wanted {
            stocks = List.copyOf(stocks);
            sizes = List.copyOf(sizes);
        }
    }

    /**
     * Draws the plan.
     *
     * @param page the paper it is printed on
     * @param date the day printed on it
     * @param unit of the sizes on it
     */
    public static Drawing draw(Wanted wanted, PrintPaper page, LocalDate date, Unit unit) {
        return new SharedCutsSheet(wanted, page, date, unit).draw();
    }

    private Drawing draw() {
        List<Drawing.Page> pages = new ArrayList<>();
        List<StockPlan.Cut> cuts = wanted.plan().sheets();
        for (int i = 0; i < cuts.size(); i++) {
            List<Shape> shapes = new ArrayList<>();
            double belowMm = heading(shapes, i);
            StockDrawing sheet = StockDrawing.on(
                    page,
                    EDGE_MM,
                    belowMm,
                    wanted.plan().wish().stock().get(cuts.get(i).stock()).supply(),
                    shapes);
            double bottomMm = sheet.draw(cuts.get(i).layout(), StockDrawing.Marks.NUMBERS);
            words(shapes, cuts.get(i), sheet, bottomMm);
            pages.add(new Drawing.Page(page.widthMm(), page.heightMm(), shapes));
        }
        if (pages.isEmpty()) {
            List<Shape> shapes = new ArrayList<>();
            column(shapes, EDGE_MM + 4).words("Nothing is to be cut.", TITLE_MM);
            pages.add(new Drawing.Page(page.widthMm(), page.heightMm(), shapes));
        }
        return new Drawing("Cuts: " + wanted.stocks().get(0), pages);
    }

    private TextColumn column(List<Shape> shapes, double topMm) {
        return new TextColumn(shapes, EDGE_MM, topMm, page.widthMm() - 2 * EDGE_MM);
    }

    private double heading(List<Shape> shapes, int number) {
        StockPlan.Cut cut = wanted.plan().sheets().get(number);
        int sheets = cut.layout().sheets();
        TextColumn column = column(shapes, EDGE_MM + 4);
        column.words("To cut from " + wanted.stocks().get(cut.stock()), TITLE_MM)
                .gap(1);
        column.words(
                (sheets == 1 ? "1 sheet" : sheets + " sheets") + " parted so; page " + (number + 1) + " of "
                        + wanted.plan().sheets().size() + ". " + date,
                WORDS_MM);
        return column.yMm() + 4;
    }

    private void words(List<Shape> shapes, StockPlan.Cut cut, StockDrawing sheet, double topMm) {
        TextColumn column = column(shapes, topMm);
        column.words(sheet.scaleWords() + " Fine lines: the grain.", WORDS_MM).gap(2);
        for (int i = 0; i < cut.layout().steps().size(); i++) {
            column.words((i + 1) + ". " + cut.layout().steps().get(i).in(unit), WORDS_MM);
        }
        column.gap(2);
        for (int kind = 0; kind < wanted.sizes().size(); kind++) {
            int size = kind;
            long number = cut.layout().pieces().stream()
                    .filter(piece -> piece.demand() == size)
                    .count();
            if (number > 0) {
                column.words(sized(size, number), WORDS_MM);
            }
        }
        cut.left().stream()
                .filter(StockPlan.Left::worthKeeping)
                .forEach(left -> column.words("Keep: " + shown(left.width()) + " × " + shown(left.height()), WORDS_MM));
        column.gap(2).words(CutList.KNIFE, WORDS_MM);
    }

    private String sized(int size, long number) {
        return String.format(
                Locale.ROOT,
                "(%d) %d of %s × %s: %s",
                size + 1,
                number,
                shown(wanted.plan().wish().wanted().get(size).width()),
                shown(wanted.plan().wish().wanted().get(size).height()),
                wanted.sizes().get(size));
    }

    private String shown(Length length) {
        return length.at(Fineness.CUT).in(unit);
    }
}
