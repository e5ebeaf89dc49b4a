package itomichi.server.drawer;

import itomichi.material.Supply;
import java.util.Optional;
import java.util.UUID;

/**
 * A thing in a drawer as something that is used up.
 *
 * @param drawer what its drawer is called
 * @param unit what it is counted in
 * @param have how much of it there is, where that is known
 * @param price of one, where that is known
 * @param holds what one that is bought holds, in what it is counted in: a spool its metres, nothing where that is not known; a sheet itself
 * @param sheet what is cut from it; nothing where it is no sheet, or of a size that is not known
 * @param offcutOf name of what it was cut from; empty where it is new
 */
public record StockThing(
        UUID id,
        String name,
        String drawer,
        String unit,
        Optional<Double> have,
        Optional<Double> price,
        Optional<Double> holds,
        Optional<Supply> sheet,
        String offcutOf) {

    /** What one costs, in what it is counted in: a sheet, a metre of thread; nothing where that is not known. */
    public Optional<Double> priceOfOne() {
        return price.flatMap(whole -> holds.map(each -> whole / each));
    }

    /** How many are bought where so much lacks: whole ones; of thread a spool, where nobody knows how much is on it. */
    public double whole(double lacking) {
        return holds.map(each -> Math.ceil(lacking / each)).orElse(1.0);
    }

    /** What so many hold together, where that is known. */
    public Optional<Double> holding(double number) {
        return holds.map(each -> each * number);
    }
}
