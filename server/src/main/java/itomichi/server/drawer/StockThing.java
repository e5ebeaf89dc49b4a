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
        Optional<Supply> sheet,
        String offcutOf) {}
