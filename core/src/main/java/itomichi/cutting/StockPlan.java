package itomichi.cutting;

import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How pieces of several sizes come out of several kinds of sheet.
 *
 * @param wish what was wanted
 * @param sheets the sheets in the order in which they are cut, off-cuts first
 * @param missing of each size how many do not come out of any sheet
 * @param fewest whether it is proven that less new stock will not do
 */
public record StockPlan(StockWish wish, List<Cut> sheets, List<Integer> missing, boolean fewest) {

    /** An off-cut is kept where no side of it is shorter: common practice. */
    public static final Length WORTH_KEEPING = Length.ofMm(60);

    public StockPlan {
        sheets = List.copyOf(sheets);
        missing = List.copyOf(missing);
    }

    /**
     * Sheets that are parted alike.
     *
     * @param stock which kind of sheet, from 0
     * @param layout how, and how many; its demands are the sizes that were wanted
     * @param left what is left whole of each of them, the largest first
     */
    public record Cut(int stock, Layout layout, List<Left> left) {
        public Cut {
            left = List.copyOf(left);
        }
    }

    /** What is left whole of a sheet, where it lies on it. */
    public record Left(Length x, Length y, Length width, Length height) {

        /** Whether a binder would keep it. */
        public boolean worthKeeping() {
            return !width.isLessThan(WORTH_KEEPING) && !height.isLessThan(WORTH_KEEPING);
        }

        double areaMm2() {
            return width.mm() * height.mm();
        }
    }

    /** Whether every piece comes out. */
    public boolean whole() {
        return missing.stream().allMatch(none -> none == 0);
    }

    /** Sheets taken of a kind. */
    public int taken(int stock) {
        return sheets.stream()
                .filter(cut -> cut.stock() == stock)
                .mapToInt(cut -> cut.layout().sheets())
                .sum();
    }

    /** What the new stock costs; nothing where a price is not known. */
    public Optional<Double> cost() {
        List<Double> costs = new ArrayList<>();
        for (int i = 0; i < wish.stock().size(); i++) {
            int number = taken(i);
            if (number > 0 && !wish.stock().get(i).offcut()) {
                Optional<Double> price = wish.stock().get(i).supply().price();
                if (price.isEmpty()) {
                    return Optional.empty();
                }
                costs.add(number * price.get());
            }
        }
        return Optional.of(costs.stream().mapToDouble(Double::doubleValue).sum());
    }
}
