package itomichi.plan;

import itomichi.material.Paper;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.util.Optional;

/**
 * A paper of a book.
 *
 * @param paper the paper
 * @param supply the stock sheets it comes in; nothing where it comes cut to size
 */
public record BookPaper(Paper paper, Optional<Supply> supply) {

    void check(String field, Unit unit) {
        Limits.text(field + ".name", "A paper’s name", paper.name(), 1, 60);
        Limits.number(field + ".grammageGsm", "A weight", paper.grammage().gsm(), 8, 1000, " g/m²");
        paper.measured().ifPresent(stack -> {
            Limits.number(field + ".stack.sheets", "A stack", stack.sheets(), 1, 1000, " sheets");
            Limits.length(field + ".stack.totalMm", "A stack", stack.total(), 0.01, 300, unit);
            Length sheet = Length.ofMm(stack.total().mm() / stack.sheets());
            Limits.length(field + ".stack.totalMm", "A sheet", sheet, 0.01, 3, unit);
        });
        supply.ifPresent(stock -> check(field + ".stock", stock, unit));
    }

    private static void check(String field, Supply stock, Unit unit) {
        Limits.length(field + ".widthMm", "A stock sheet’s width", stock.width(), 20, 3000, unit);
        Limits.length(field + ".heightMm", "A stock sheet’s height", stock.height(), 20, 3000, unit);
        Limits.length(field + ".deckleMm", "A deckle", stock.deckle(), 0, 60, unit);
        stock.have().ifPresent(have -> Limits.number(field + ".have", "A stock", have, 0, 1_000_000, " sheets"));
        stock.price().ifPresent(price -> Limits.number(field + ".price", "A price", price, 0, 1_000_000, ""));
        if (stock.usableWidth().mm() < 10 || stock.usableHeight().mm() < 10) {
            throw new UnfitValueException(
                    field + ".deckleMm", "Deckle edges that wide leave nothing of the stock sheet.");
        }
    }

    public BookPaper withPaper(Paper other) {
        return new BookPaper(other, supply);
    }

    public BookPaper withSupply(Supply other) {
        return new BookPaper(paper, Optional.of(other));
    }
}
