package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.documents.sheets.PagedColumn.Cell;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** What is to be bought, to be carried to the shop: a box for each thing that lacks; then what is there already. */
public final class ShoppingList {

    private static final double BOX_INDENT_MM = 8;
    private static final double AMOUNT_MM = 38;
    private static final double PRICE_MM = 22;

    private final PagedColumn column;

    private ShoppingList(PrintPaper paper) {
        this.column = new PagedColumn(paper);
    }

    /**
     * Something that is used up.
     *
     * @param wanted how much, with its unit
     * @param there how much is there, with its unit; nothing where it is not counted
     * @param toBuy how much lacks, with its unit; nothing where enough is there
     * @param price of what lacks, where that is known
     * @param books for which
     */
    public record Item(
            String name,
            String wanted,
            Optional<String> there,
            Optional<String> toBuy,
            Optional<Double> price,
            List<String> books) {}

    /** Draws the list. */
    public static Drawing draw(List<Item> items, PrintPaper paper, LocalDate date) {
        ShoppingList list = new ShoppingList(paper);
        list.column.words(0, "Shopping list", PagedColumn.TITLE_MM);
        list.column.words(0, date.toString(), PagedColumn.WORDS_MM);
        List<Item> lacking =
                items.stream().filter(item -> item.toBuy().isPresent()).toList();
        list.head("To buy", lacking.isEmpty() ? "Enough is there of all that is counted." : "");
        lacking.forEach(list::toBuy);
        list.sum(lacking);
        List<Item> enough =
                items.stream().filter(item -> item.toBuy().isEmpty()).toList();
        if (!enough.isEmpty()) {
            list.head("There, or not counted", "");
            enough.forEach(list::there);
        }
        return list.column.drawing("Shopping list");
    }

    private void head(String name, String words) {
        column.room(24);
        column.gap(4);
        column.words(0, name, PagedColumn.HEAD_MM);
        if (!words.isEmpty()) {
            column.words(0, words, PagedColumn.WORDS_MM);
        }
    }

    private void toBuy(Item item) {
        column.room(20);
        column.box(Optional.empty());
        row(item, item.toBuy().orElse(""), item.price().map(ShoppingList::money).orElse(""));
        small(
                "wanted " + item.wanted()
                        + item.there().map(have -> ", there " + have).orElse(""),
                item);
    }

    private void there(Item item) {
        column.room(20);
        row(item, item.wanted(), "");
        small(item.there().map(have -> "there " + have).orElse("not counted"), item);
    }

    private void row(Item item, String amount, String price) {
        double wide = column.widthMm();
        column.row(
                List.of(
                        new Cell(BOX_INDENT_MM, wide - BOX_INDENT_MM - AMOUNT_MM - PRICE_MM - 4, item.name()),
                        new Cell(wide - AMOUNT_MM - PRICE_MM, AMOUNT_MM, amount),
                        new Cell(wide - PRICE_MM, PRICE_MM, price)),
                PagedColumn.WORDS_MM);
    }

    private void small(String words, Item item) {
        column.words(BOX_INDENT_MM, words + ", for " + String.join("; ", item.books()), PagedColumn.WORDS_MM * 0.85);
        column.gap(1.6);
    }

    private void sum(List<Item> lacking) {
        List<Double> prices =
                lacking.stream().flatMap(item -> item.price().stream()).toList();
        if (prices.isEmpty()) {
            return;
        }
        column.room(14);
        double y = column.yMm() - PagedColumn.WORDS_MM;
        double right = PagedColumn.EDGE_MM + column.widthMm();
        column.put(new Shape.Line(right - PRICE_MM, y, right, y, Pen.CHECK, Ink.BLACK));
        column.gap(1);
        column.words(
                column.widthMm() - PRICE_MM,
                PRICE_MM,
                money(prices.stream().mapToDouble(Double::doubleValue).sum()),
                PagedColumn.WORDS_MM);
        if (prices.size() < lacking.size()) {
            column.words(0, "Besides what has no price in its drawer.", PagedColumn.WORDS_MM);
        }
    }

    private static String money(double amount) {
        return String.format(java.util.Locale.ROOT, "%.2f", amount);
    }
}
