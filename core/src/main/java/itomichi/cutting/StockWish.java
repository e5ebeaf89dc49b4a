package itomichi.cutting;

import java.util.List;

/**
 * Pieces of several sizes that are wanted out of several kinds of sheet.
 *
 * @param wanted the sizes, each once
 * @param grainMatters whether the grain has to run along the height of every piece, wherever a sheet's own is known
 * @param stock the kinds of sheet
 * @param knife what they are cut with
 */
public record StockWish(List<Demand> wanted, boolean grainMatters, List<StockSheet> stock, Knife knife) {

    public StockWish {
        wanted = List.copyOf(wanted);
        stock = List.copyOf(stock);
    }
}
