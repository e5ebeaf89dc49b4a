package itomichi.spec;

import itomichi.material.MeasuredStack;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.measure.Unit;

/** What no paper is like. */
final class PaperLimits {

    private static final int MOST_PAPERS = 8;
    private static final int MOST_OF_ONE = 1_000_000;

    private PaperLimits() {}

    static void check(Papers papers, Unit unit) {
        Limits.number("otherPapers", "A book", papers.all().size(), 1, MOST_PAPERS, " papers");
        for (int i = 0; i < papers.all().size(); i++) {
            paper(papers.all().get(i), i == 0 ? "paper" : "otherPapers", unit);
        }
        Limits.length("cutting.trimMm", "A trim", papers.trim(), 0, 60, unit);
    }

    private static void paper(BookPaper paper, String field, Unit unit) {
        Limits.text(field + ".name", "A paper’s name", paper.paper().name(), 1, 60);
        Limits.number(
                field + ".grammageGsm", "A weight", paper.paper().grammage().gsm(), 8, 1000, " g/m²");
        paper.paper().measured().ifPresent(stack -> stack(stack, field + ".stack", unit));
        paper.supply().ifPresent(stock -> stock(stock, field + ".stock", unit));
    }

    private static void stack(MeasuredStack stack, String field, Unit unit) {
        Limits.number(field + ".sheets", "A stack", stack.sheets(), 1, 1000, " sheets");
        Limits.length(field + ".totalMm", "A stack", stack.total(), 0.01, 300, unit);
        Length sheet = Length.ofMm(stack.total().mm() / stack.sheets());
        Limits.length(field + ".totalMm", "A sheet", sheet, 0.01, 3, unit);
    }

    private static void stock(Supply stock, String field, Unit unit) {
        Limits.length(field + ".widthMm", "A stock sheet’s width", stock.width(), 20, 3000, unit);
        Limits.length(field + ".heightMm", "A stock sheet’s height", stock.height(), 20, 3000, unit);
        Limits.length(field + ".deckleMm", "A deckle", stock.deckle(), 0, 60, unit);
        stock.have().ifPresent(have -> Limits.number(field + ".have", "A stock", have, 0, MOST_OF_ONE, " sheets"));
        stock.price().ifPresent(price -> Limits.number(field + ".price", "A price", price, 0, MOST_OF_ONE, ""));
        if (stock.usableWidth().mm() < 10 || stock.usableHeight().mm() < 10) {
            throw new UnfitValueException(
                    field + ".deckleMm", "Deckle edges that wide leave nothing of the stock sheet.");
        }
    }
}
