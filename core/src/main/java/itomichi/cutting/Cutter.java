package itomichi.cutting;

import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * Parts stock sheets into the sheets that are folded.
 *
 * <p>Most sheets of a book are equally high, so with the grain one way a stock sheet falls into rows of that height ({@link RowParting}).
 * Pieces lying both ways are tried for one size ({@link BothWays}). Torn paper is only ever halved.
 */
public final class Cutter {

    private static final int MOST_HALVINGS = 6;

    private final Supply supply;
    private final List<Demand> demands;

    private Cutter(Supply supply, List<Demand> demands) {
        this.supply = supply;
        this.demands = demands;
    }

    /**
     * The plan for one kind of stock.
     *
     * @param supply the stock
     * @param demands what is wanted, the most wanted size first; at least one
     * @param wish how it is to be parted
     * @throws IllegalArgumentException if nothing is wanted
     */
    public static CuttingPlan plan(Supply supply, List<Demand> demands, CutWish wish) {
        if (demands.isEmpty()) {
            throw new IllegalArgumentException("Sheets are wanted; read " + demands);
        }
        return new Cutter(supply, demands).plan(wish);
    }

    private CuttingPlan plan(CutWish wish) {
        // with the grain along the sheet's width, a piece lies with its fold level
        boolean rightTurned = supply.grain() == SheetGrain.ALONG_WIDTH;
        Parting right = parting(wish.manner(), rightTurned);
        Parting wrong = parting(wish.manner(), !rightTurned);
        CutPart mixed = wish.manner() == CutWish.Manner.TEAR
                ? new CutPart.Offcut()
                : BothWays.most(demands.get(0), supply.usableWidth(), supply.usableHeight(), false);
        CuttingPlan.PerSheet perSheet = new CuttingPlan.PerSheet(
                right.first(), wrong.first(), Math.max(mixed.pieces(), Math.max(right.first(), wrong.first())));
        boolean free = !wish.grainFirst() || supply.grain() == SheetGrain.UNKNOWN;
        Parting chosen = free && wrong.betterThan(right) ? wrong : right;
        if (!wish.grainFirst() && demands.size() == 1 && perSheet.eitherWay() > chosen.first()) {
            chosen = alike(mixed);
        }
        return new CuttingPlan(
                supply,
                demands,
                chosen.layouts(this),
                grain(chosen, right),
                perSheet,
                chosen.sheets(),
                wrong.sheets(),
                waste(chosen.sheets()),
                chosen.fewest);
    }

    private Grain grain(Parting chosen, Parting right) {
        if (supply.grain() == SheetGrain.UNKNOWN) {
            return Grain.UNKNOWN;
        }
        return chosen.equals(right) ? Grain.WITH_FOLD : Grain.ACROSS_FOLD;
    }

    private double waste(int sheets) {
        double used = demands.stream()
                .mapToDouble(demand -> demand.areaMm2() * demand.number())
                .sum();
        double taken = sheets * supply.width().mm() * supply.height().mm();
        return sheets == 0 ? 0 : 1 - used / taken;
    }

    /** One way of parting: stock sheets, each with how many there are of it. */
    private record Parting(List<CutPart> parts, List<Integer> counts, int first, boolean fewest) {

        int sheets() {
            return counts.stream().mapToInt(Integer::intValue).sum();
        }

        boolean betterThan(Parting other) {
            return !parts.isEmpty()
                    && (other.parts.isEmpty()
                            || sheets() < other.sheets()
                            || (sheets() == other.sheets() && first > other.first));
        }

        List<Layout> layouts(Cutter cutter) {
            List<Layout> layouts = new ArrayList<>();
            Supply supply = cutter.supply;
            for (int i = 0; i < parts.size(); i++) {
                layouts.add(CutSteps.layout(
                        counts.get(i),
                        parts.get(i),
                        supply.deckle(),
                        supply.deckle(),
                        supply.usableWidth(),
                        supply.usableHeight()));
            }
            return layouts;
        }
    }

    private static final Parting NONE = new Parting(List.of(), List.of(), 0, true);

    private Parting parting(CutWish.Manner manner, boolean turned) {
        return manner == CutWish.Manner.TEAR ? torn(turned) : rows(turned);
    }

    private Parting rows(boolean turned) {
        RowParting.Sheets parted = new RowParting(supply, demands, turned).fewestSheets();
        return parted.sheets().isEmpty() ? NONE : counted(parted.sheets(), parted.first(), parted.fewest());
    }

    /** Sheets parted alike that follow each other are told together. */
    private static Parting counted(List<CutPart> sheets, int first, boolean fewest) {
        List<CutPart> parts = new ArrayList<>();
        List<Integer> counts = new ArrayList<>();
        for (CutPart sheet : sheets) {
            int last = parts.size() - 1;
            if (last >= 0 && parts.get(last).equals(sheet)) {
                counts.set(last, counts.get(last) + 1);
            } else {
                parts.add(sheet);
                counts.add(1);
            }
        }
        return new Parting(parts, counts, first, fewest);
    }

    /** Stock sheets of one size of piece, all parted like this one but the last, which is cut no further than is wanted. */
    private Parting alike(CutPart part) {
        return counted(enough(part, demands.get(0).number()), part.pieces(), true);
    }

    private static List<CutPart> enough(CutPart part, int wanted) {
        List<CutPart> sheets = new ArrayList<>(Collections.nCopies(wanted / part.pieces(), part));
        int rest = wanted % part.pieces();
        if (rest > 0) {
            sheets.add(part.atMost(rest));
        }
        return sheets;
    }

    /** Halved again and again; each size is torn from stock sheets of its own. */
    private Parting torn(boolean turned) {
        List<CutPart> sheets = new ArrayList<>();
        int first = 0;
        for (int kind = 0; kind < demands.size(); kind++) {
            Demand demand = demands.get(kind);
            Length width = turned ? demand.height() : demand.width();
            Length height = turned ? demand.width() : demand.height();
            int across = halvings(supply.usableWidth(), width);
            int down = halvings(supply.usableHeight(), height);
            if (across < 0 || down < 0) {
                return NONE;
            }
            int each = 1 << (across + down);
            CutPart halved = halved(
                    new CutPart.Wanted(kind, width, height, turned),
                    supply.usableWidth(),
                    supply.usableHeight(),
                    across,
                    down);
            sheets.addAll(enough(halved, demand.number()));
            first = kind == 0 ? each : first;
        }
        return counted(sheets, first, demands.size() == 1);
    }

    /** How often an edge can be halved and still hold the piece; -1 if it cannot hold it at all. */
    private static int halvings(Length edge, Length piece) {
        int halvings = -1;
        for (long left = edge.micrometres(); left >= piece.micrometres() && halvings < MOST_HALVINGS; left /= 2) {
            halvings++;
        }
        return halvings;
    }

    /** The longer side is halved first, as long as it is to be halved. */
    private static CutPart halved(CutPart.Wanted piece, Length width, Length height, int across, int down) {
        if (across == 0 && down == 0) {
            return piece;
        }
        boolean level = across == 0 || (down > 0 && !height.isLessThan(width));
        Length half = new Length((level ? height : width).micrometres() / 2);
        CutPart part =
                level ? halved(piece, width, half, across, down - 1) : halved(piece, half, height, across - 1, down);
        return CutPart.chain(level, Arrays.asList(half, half), Arrays.asList(part, part), half.times(2));
    }
}
