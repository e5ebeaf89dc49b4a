package itomichi.server.supply;

import itomichi.cover.PieceStuff;
import itomichi.cutting.Demand;
import itomichi.cutting.Knife;
import itomichi.cutting.StockCutter;
import itomichi.cutting.StockPlan;
import itomichi.cutting.StockSheet;
import itomichi.cutting.StockWish;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Pieces of covers cut from a thing of the drawers and from what was cut off it before. */
@Component
class Cuttings {

    private final DrawerService drawers;
    private final KnifeStore knives;

    Cuttings(DrawerService drawers, KnifeStore knives) {
        this.drawers = drawers;
        this.knives = knives;
    }

    /**
     * Pieces that are wanted.
     *
     * @param stuff what they are cut from
     * @param whose the book they are for, and what they are called
     */
    record Piece(PieceStuff stuff, String whose, Demand demand) {}

    /**
     * How pieces are cut.
     *
     * @param things what they are cut from, in the order of the plan's stock: the new sheet, then its off-cuts
     * @param wanted what each size of the plan is called
     */
    record Cutting(List<StockThing> things, List<String> wanted, StockPlan plan) {

        /** How much is taken of each thing. */
        Map<UUID, Integer> taken() {
            Map<UUID, Integer> taken = new LinkedHashMap<>();
            for (int i = 0; i < things.size(); i++) {
                if (plan.taken(i) > 0) {
                    taken.put(things.get(i).id(), plan.taken(i));
                }
            }
            return taken;
        }

        /** How many sheets are taken, off-cuts among them. */
        int sheets() {
            return taken().values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** How pieces are cut from a thing; nothing where the size of its sheets is not known. */
    Optional<Cutting> cut(StockThing whole, List<Piece> pieces) {
        return whole.sheet().map(sheet -> cut(whole, sheet, pieces));
    }

    private Cutting cut(StockThing whole, Supply sheet, List<Piece> pieces) {
        List<StockThing> things = new ArrayList<>();
        List<StockSheet> sheets = new ArrayList<>();
        things.add(whole);
        sheets.add(new StockSheet(sheet, false));
        for (StockThing offcut : drawers.offcutsOf(whole.id())) {
            // what is not counted, or not there any more, is not planned with
            offcut.sheet().filter(one -> one.have().orElse(0) > 0).ifPresent(one -> {
                things.add(offcut);
                sheets.add(new StockSheet(one, true));
            });
        }
        Map<Size, List<Piece>> sizes = new LinkedHashMap<>();
        pieces.forEach(piece -> sizes.computeIfAbsent(
                        new Size(piece.demand().width(), piece.demand().height()), none -> new ArrayList<>())
                .add(piece));
        Knife knife = knives.knife();
        boolean grained = pieces.stream().anyMatch(piece -> piece.stuff().grained());
        List<Demand> wanted = sizes.entrySet().stream()
                .map(size -> new Demand(
                        size.getKey().width(),
                        size.getKey().height(),
                        size.getValue().stream()
                                .mapToInt(piece -> piece.demand().number())
                                .sum()))
                .toList();
        return new Cutting(
                things,
                sizes.values().stream().map(Cuttings::whose).toList(),
                StockCutter.plan(new StockWish(wanted, grained, sheets, knife)));
    }

    private static String whose(List<Piece> pieces) {
        List<String> names = pieces.stream().map(Piece::whose).distinct().toList();
        return names.size() <= 3 ? String.join("; ", names) : String.join("; ", names.subList(0, 3)) + " …";
    }

    private record Size(Length width, Length height) {}

    /** What is left of the sheets of a plan and is worth keeping, with how many of it. */
    static Map<StockPlan.Left, Integer> kept(StockPlan plan) {
        Map<StockPlan.Left, Integer> kept = new LinkedHashMap<>();
        for (StockPlan.Cut cut : plan.sheets()) {
            cut.left().stream()
                    .filter(StockPlan.Left::worthKeeping)
                    .forEach(left -> kept.merge(
                            new StockPlan.Left(Length.ZERO, Length.ZERO, left.width(), left.height()),
                            cut.layout().sheets(),
                            Integer::sum));
        }
        return kept;
    }
}
