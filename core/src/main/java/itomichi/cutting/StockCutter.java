package itomichi.cutting;

import itomichi.material.SheetGrain;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Pieces of several sizes out of several kinds of sheet: the least new stock, off-cuts first.
 *
 * <p>By sequential value correction (E. A. Mukhacheva and A. S. Zalgaller, Linear programming for cutting problems, 1993; G. Belov and
 * G. Scheithauer, Setup and open-stacks minimization in one-dimensional stock cutting, 2007; from memory): sheets are filled one after the
 * other ({@link SheetFilling}), the pieces of the greatest value first; a piece that ends on a sheet with much waste is worth more in the
 * next pass, because it was left too late. The best of at most {@value #PASSES} passes is kept. Not proven to be the fewest but where the area of the
 * pieces says so. Cost: passes times pieces times sizes.
 */
public final class StockCutter {

    private static final int PASSES = 500;
    /** So many are made even where fewer sheets are impossible: what is left of the last one is to be large. */
    private static final int LEAST_PASSES = 40;
    /** Pieces that are laid in all passes together: of very many pieces fewer passes are made, so that none is waited for. */
    private static final int MOST_LAID = 60_000;

    /** How a piece's value grows with its area: a little more than in proportion, so that large ones go first. */
    private static final double GROWS = 1.04;

    /** So many pieces are very many. */
    private static final long MANY = 2000;
    /** A piece that does not come out is dearer than any sheet. */
    private static final double MISSING = 1e12;
    /** Nearer than this costs are the same. */
    private static final double SAME_COST = 1e-9;

    private final StockWish wish;
    private final List<SheetFilling.Ways> ways;
    private final double[] price;
    private final boolean many;

    private StockCutter(StockWish wish) {
        this.wish = wish;
        this.ways = wish.stock().stream().map(sheet -> ways(wish, sheet)).toList();
        this.many = wish.wanted().stream().mapToLong(Demand::number).sum() > MANY;
        boolean priced = wish.stock().stream()
                .allMatch(sheet -> sheet.offcut()
                        || sheet.supply().price().filter(one -> one > 0).isPresent());
        this.price = wish.stock().stream()
                .mapToDouble(sheet ->
                        priced && !sheet.offcut() ? sheet.supply().price().orElse(1.0) : sheet.areaMm2())
                .toArray();
    }

    private static SheetFilling.Ways ways(StockWish wish, StockSheet sheet) {
        SheetGrain grain = wish.grainMatters() ? sheet.supply().grain() : SheetGrain.UNKNOWN;
        return new SheetFilling.Ways(grain != SheetGrain.ALONG_WIDTH, grain != SheetGrain.ALONG_HEIGHT);
    }

    /** The plan; what does not come out of any sheet is said to be missing. */
    public static StockPlan plan(StockWish wish) {
        return new StockCutter(wish).plan();
    }

    /**
     * A sheet that is cut.
     *
     * @param times how many are cut like it
     */
    private record Taken(int stock, SheetFilling filled, int times) {}

    /** One pass: sheets, of each size how many did not come out, and what it costs. */
    private record Pass(List<Taken> sheets, List<Integer> left, double cost, double largestLeft) {
        boolean betterThan(Pass other) {
            return cost < other.cost - SAME_COST
                    || (cost < other.cost + SAME_COST && largestLeft > other.largestLeft + 1e-9);
        }
    }

    private StockPlan plan() {
        int[] wanted = wish.wanted().stream().mapToInt(Demand::number).toArray();
        int[] fits = wanted.clone();
        for (int kind = 0; kind < fits.length; kind++) {
            if (!fitsSomewhere(kind)) {
                fits[kind] = 0;
            }
        }
        double[] value = wish.wanted().stream()
                .mapToDouble(demand -> Math.pow(demand.areaMm2(), GROWS))
                .toArray();
        double proven = leastCost(fits) + SAME_COST;
        Pass best = pass(fits, value, Turns.none());
        int passes = Math.min(PASSES, MOST_LAID / Math.max(1, IntStream.of(fits).sum()));
        int least = Math.min(LEAST_PASSES, passes);
        for (int i = 1; i < least || (i < passes && best.cost() > proven); i++) {
            correct(value, best.sheets());
            Pass next = pass(fits, value, Turns.of(i, i % 3 * 0.25 + 0.05));
            if (next.betterThan(best)) {
                best = next;
            }
            correct(value, next.sheets());
        }
        return told(wanted, fits, best, best.cost() <= proven);
    }

    private boolean fitsSomewhere(int kind) {
        return IntStream.range(0, wish.stock().size())
                .anyMatch(i ->
                        SheetFilling.fits(wish.stock().get(i), wish.wanted().get(kind), ways.get(i), wish.knife()));
    }

    /** Pieces of well filled sheets are worth their area, those of badly filled ones more. */
    private void correct(double[] value, List<Taken> sheets) {
        for (Taken taken : sheets) {
            double use =
                    taken.filled().areaMm2() / wish.stock().get(taken.stock()).areaMm2();
            for (int kind = 0; kind < value.length; kind++) {
                int number = taken.filled().laid(kind) * taken.times();
                if (number > 0) {
                    double share = number / (2.0 * wish.wanted().get(kind).number());
                    double worth = Math.pow(wish.wanted().get(kind).areaMm2() / Math.max(use, 0.05), GROWS);
                    value[kind] = value[kind] * (1 - share) + worth * share;
                }
            }
        }
    }

    private Pass pass(int[] wanted, double[] value, Turns turns) {
        List<Taken> sheets = new ArrayList<>();
        int[] taken = new int[wish.stock().size()];
        int[] left = wanted.clone();
        double cost = 0;
        while (IntStream.of(left).anyMatch(number -> number > 0)) {
            Taken next = next(left, value, turns, taken);
            if (next == null) {
                break;
            }
            taken[next.stock()] += next.times();
            sheets.add(next);
            for (int kind = 0; kind < left.length; kind++) {
                left[kind] -= next.filled().laid(kind) * next.times();
            }
            cost += wish.stock().get(next.stock()).offcut() ? 0 : price[next.stock()] * next.times();
        }
        // what an off-cut did not hold is short, and dearer than any sheet
        double missing = IntStream.of(left).sum() * MISSING;
        double largest = sheets.stream().mapToDouble(this::largestLeft).max().orElse(0);
        return new Pass(sheets, IntStream.of(left).boxed().toList(), cost + missing, largest);
    }

    /** Of very many pieces sheets are filled alike as long as they can be: nobody cuts thousands of sheets each in its own way. */
    private int times(SheetFilling filled, StockSheet sheet) {
        return many && !sheet.offcut() ? 1 + filled.more() : 1;
    }

    private double largestLeft(Taken sheet) {
        StockSheet stock = wish.stock().get(sheet.stock());
        return sheet
                .filled()
                .part()
                .left(Length.ZERO, Length.ZERO, new Length(stock.width()), new Length(stock.height()))
                .stream()
                .mapToDouble(StockPlan.Left::areaMm2)
                .max()
                .orElse(0);
    }

    /** Off-cuts first, the one that is filled best; then new sheets, the one whose price brings most. */
    private @Nullable Taken next(int[] left, double[] value, Turns turns, int[] taken) {
        for (boolean offcut : new boolean[] {true, false}) {
            Taken found = null;
            double most = 0;
            for (int i = 0; i < wish.stock().size(); i++) {
                StockSheet sheet = wish.stock().get(i);
                if (sheet.offcut() != offcut || taken[i] >= sheet.most()) {
                    continue;
                }
                SheetFilling filled =
                        new SheetFilling(sheet, wish.wanted(), ways.get(i), wish.knife(), value, turns, left);
                // the last sheet is the cheapest that holds what is left; before it, the one that brings most for its
                // price
                double brings =
                        filled.areaMm2() / price[i] * turns.about() + (filled.last() && !offcut ? 1e9 / price[i] : 0);
                if (filled.areaMm2() > 0 && brings > most) {
                    most = brings;
                    found = new Taken(i, filled, times(filled, sheet));
                }
            }
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    /** What any plan costs at least: with one kind of new sheet, as many of it as the area of the pieces wants; with several it is not known. */
    private double leastCost(int[] wanted) {
        double over = 0;
        for (int kind = 0; kind < wanted.length; kind++) {
            over += wish.wanted().get(kind).areaMm2() * wanted[kind];
        }
        double cost = 0;
        double areaMm2 = Double.POSITIVE_INFINITY;
        int kinds = 0;
        for (int i = 0; i < wish.stock().size(); i++) {
            StockSheet sheet = wish.stock().get(i);
            if (sheet.offcut()) {
                over -= sheet.areaMm2() * sheet.most();
            } else {
                kinds++;
                cost = price[i];
                areaMm2 = sheet.areaMm2();
            }
        }
        return kinds > 1 ? Double.NEGATIVE_INFINITY : cost * Math.ceil(Math.max(0, over) / areaMm2);
    }

    private StockPlan told(int[] wanted, int[] fits, Pass pass, boolean fewest) {
        List<Integer> missing = IntStream.range(0, wanted.length)
                .mapToObj(kind -> wanted[kind] - fits[kind] + pass.left().get(kind))
                .toList();
        return new StockPlan(wish, cuts(pass.sheets()), missing, fewest);
    }

    /** Sheets of one kind that are parted alike are told together. */
    private List<StockPlan.Cut> cuts(List<Taken> sheets) {
        List<Taken> different = new ArrayList<>();
        List<Integer> counts = new ArrayList<>();
        for (Taken taken : sheets) {
            int same = IntStream.range(0, different.size())
                    .filter(i -> different.get(i).stock() == taken.stock()
                            && different
                                    .get(i)
                                    .filled()
                                    .part()
                                    .equals(taken.filled().part()))
                    .findFirst()
                    .orElse(-1);
            if (same < 0) {
                different.add(taken);
                counts.add(taken.times());
            } else {
                counts.set(same, counts.get(same) + taken.times());
            }
        }
        return IntStream.range(0, different.size())
                .mapToObj(i -> cut(different.get(i), counts.get(i)))
                .toList();
    }

    private StockPlan.Cut cut(Taken taken, int number) {
        StockSheet sheet = wish.stock().get(taken.stock());
        Length deckle = sheet.supply().deckle();
        Length width = new Length(sheet.width());
        Length height = new Length(sheet.height());
        CutPart part = taken.filled().part();
        return new StockPlan.Cut(
                taken.stock(),
                CutSteps.layout(number, part, deckle, deckle, width, height),
                part.left(deckle, deckle, width, height).stream()
                        .sorted(Comparator.comparingDouble(StockPlan.Left::areaMm2)
                                .reversed())
                        .toList());
    }
}
