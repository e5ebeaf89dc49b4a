package itomichi.cutting;

import itomichi.material.Supply;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Stock parted into rows from edge to edge, and the rows into pieces.
 *
 * <p>Both are bin packing of one dimension ({@link RowPacking}): pieces of one height into rows, rows into stock sheets. Where all pieces
 * are equally high, the fewest rows give the fewest stock sheets. Pieces of several heights lie in rows of their own, or all in rows of
 * the greatest height and are cut to size there: whichever takes fewer stock sheets.
 */
final class RowParting {

    private final Supply supply;
    private final List<Demand> demands;
    private final boolean turned;
    private final Length across;
    private final Length along;

    /**
     * @param demands what is wanted; at least one
     * @param turned whether the pieces lie with their fold level on the stock sheet
     */
    RowParting(Supply supply, List<Demand> demands, boolean turned) {
        this.supply = supply;
        this.demands = demands;
        this.turned = turned;
        this.across = turned ? supply.usableHeight() : supply.usableWidth();
        this.along = turned ? supply.usableWidth() : supply.usableHeight();
    }

    /**
     * Parted stock sheets.
     *
     * @param sheets one after the other; empty where not every piece comes out
     * @param first how many pieces of the first demand come out of a stock sheet of nothing else
     * @param fewest whether fewer stock sheets are proven impossible
     */
    record Sheets(List<CutPart> sheets, int first, boolean fewest) {}

    Sheets fewestSheets() {
        Length highest =
                demands.stream().map(Demand::height).max(Length::compareTo).orElseThrow();
        boolean fits = demands.stream().noneMatch(demand -> demand.width().isMoreThan(across));
        if (!fits || highest.isMoreThan(along)) {
            return new Sheets(List.of(), 0, true);
        }
        Sheets apart = parted(rows(Demand::height));
        if (demands.stream().allMatch(demand -> demand.height().equals(highest))) {
            return apart;
        }
        Sheets together = parted(rows(demand -> highest));
        return together.sheets().size() < apart.sheets().size() ? together : apart;
    }

    /** Rows of one height: for each how many pieces of each demand lie in it. */
    private record Rows(Length height, List<int[]> rows, boolean fewest) {}

    private List<Rows> rows(Function<Demand, Length> heightOfRow) {
        Map<Length, List<Integer>> kinds = new LinkedHashMap<>();
        for (int kind = 0; kind < demands.size(); kind++) {
            kinds.computeIfAbsent(heightOfRow.apply(demands.get(kind)), height -> new ArrayList<>())
                    .add(kind);
        }
        List<Rows> rows = new ArrayList<>();
        kinds.forEach((height, alike) -> rows.add(packed(height, alike)));
        return rows;
    }

    private Rows packed(Length height, List<Integer> kinds) {
        RowPacking.PackedRows packed = RowPacking.pack(
                kinds.stream()
                        .mapToLong(kind -> demands.get(kind).width().micrometres())
                        .toArray(),
                kinds.stream().mapToInt(kind -> demands.get(kind).number()).toArray(),
                across.micrometres());
        List<int[]> rows = packed.rows().stream()
                .map(row -> {
                    int[] all = new int[demands.size()];
                    IntStream.range(0, row.length).forEach(i -> all[kinds.get(i)] = row[i]);
                    return all;
                })
                .toList();
        return new Rows(height, rows, packed.fewest());
    }

    private Sheets parted(List<Rows> all) {
        RowPacking.PackedRows packed = RowPacking.pack(
                all.stream().mapToLong(rows -> rows.height().micrometres()).toArray(),
                all.stream().mapToInt(rows -> rows.rows().size()).toArray(),
                along.micrometres());
        List<Iterator<int[]>> next =
                all.stream().map(Rows::rows).map(Collection::iterator).toList();
        List<CutPart> sheets =
                packed.rows().stream().map(heights -> sheet(all, heights, next)).toList();
        boolean fewest = all.size() == 1 ? all.get(0).fewest() : sheets.size() <= leastByArea();
        return new Sheets(sheets, outOf(demands.get(0)), fewest);
    }

    /** A stock sheet with so many rows of each height, taken in turn. */
    private CutPart sheet(List<Rows> all, int[] number, List<Iterator<int[]>> next) {
        List<Length> heights = new ArrayList<>();
        List<CutPart> parts = new ArrayList<>();
        for (int kind = 0; kind < number.length; kind++) {
            for (int i = 0; i < number[kind]; i++) {
                heights.add(all.get(kind).height());
                parts.add(row(next.get(kind).next()));
            }
        }
        return CutPart.chain(!turned, heights, parts, along);
    }

    private CutPart row(int[] row) {
        List<Length> sizes = new ArrayList<>();
        List<CutPart> parts = new ArrayList<>();
        for (int kind = 0; kind < row.length; kind++) {
            Demand demand = demands.get(kind);
            for (int i = 0; i < row[kind]; i++) {
                sizes.add(demand.width());
                parts.add(
                        turned
                                ? new CutPart.Wanted(kind, demand.height(), demand.width(), true)
                                : new CutPart.Wanted(kind, demand.width(), demand.height(), false));
            }
        }
        return CutPart.chain(turned, sizes, parts, across);
    }

    private int outOf(Demand demand) {
        return (int) (across.micrometres() / demand.width().micrometres())
                * (int) (along.micrometres() / demand.height().micrometres());
    }

    private long leastByArea() {
        double wanted = demands.stream()
                .mapToDouble(demand -> demand.areaMm2() * demand.number())
                .sum();
        return (long) Math.ceil(
                wanted / (supply.usableWidth().mm() * supply.usableHeight().mm()));
    }
}
