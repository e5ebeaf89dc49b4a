package itomichi.cutting;

import itomichi.material.Grain;
import itomichi.material.Supply;
import java.util.List;

/**
 * How one kind of stock is parted into what is wanted of it.
 *
 * @param supply the stock
 * @param demands what is wanted
 * @param layouts how its sheets are parted; empty where not even one piece comes out of a sheet
 * @param grain which way the grain ends up lying in the pieces
 * @param perSheet pieces of the first demand that come out of a stock sheet, by how the grain is to lie
 * @param stockSheets stock sheets to take
 * @param stockSheetsAcross stock sheets that would be needed with the grain across the fold; 0 where none would do
 * @param waste share of the paper that is not used, 0 to 1
 * @param fewest whether fewer stock sheets are proven impossible
 */
public record CuttingPlan(
        Supply supply,
        List<Demand> demands,
        List<Layout> layouts,
        Grain grain,
        PerSheet perSheet,
        int stockSheets,
        int stockSheetsAcross,
        double waste,
        boolean fewest) {

    public CuttingPlan {
        demands = List.copyOf(demands);
        layouts = List.copyOf(layouts);
    }

    /**
     * Pieces out of a stock sheet.
     *
     * @param right with the grain along the fold, or lying as the sheet does where the grain is not known
     * @param wrong with the grain across it, or turned
     * @param eitherWay with pieces lying both ways
     */
    public record PerSheet(int right, int wrong, int eitherWay) {}

    /** Whether all that is wanted comes out. */
    public boolean possible() {
        return !layouts.isEmpty();
    }

    /** Stock sheets that the drawer is short of; nothing where what it holds is not known. */
    public int shortOf() {
        return supply.have().map(have -> Math.max(0, stockSheets - have)).orElse(0);
    }
}
