package itomichi.server.supply;

import itomichi.cutting.Knife;
import itomichi.cutting.StockPlan;
import itomichi.material.Supply;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.server.book.StoredBook;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PaperViews;
import itomichi.server.supply.DrawerAct.Kind;
import itomichi.server.supply.DrawerAct.Moved;
import itomichi.server.supply.Needs.Need;
import itomichi.server.supply.Needs.Table;
import itomichi.server.supply.SupplyView.BookChoice;
import itomichi.server.supply.SupplyView.CutSheetView;
import itomichi.server.supply.SupplyView.CuttingTable;
import itomichi.server.supply.SupplyView.NeedView;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Shows what is wanted and what there is. */
final class SupplyViews {

    private SupplyViews() {}

    static SupplyView of(
            List<StoredBook> bench,
            List<UUID> looked,
            boolean more,
            Knife knife,
            Needs.Worked worked,
            List<DrawerAct> acts,
            DrawerService drawers) {
        List<Need> lacking =
                worked.needs().stream().filter(need -> need.lacking() > 0).toList();
        List<Double> prices =
                lacking.stream().flatMap(need -> price(need).stream()).toList();
        return new SupplyView(
                bench.stream()
                        .map(book -> new BookChoice(
                                book.id(), book.document().name(), looked.isEmpty() || looked.contains(book.id())))
                        .toList(),
                more,
                new SupplyView.KnifeView(
                        knife.reach()
                                .map(reach -> InUnits.of(reach.at(Fineness.CUT)))
                                .orElse(null),
                        knife.reach().map(Length::mm).orElse(null),
                        InUnits.of(knife.leastStrip().at(Fineness.CUT)),
                        knife.leastStrip().mm()),
                worked.needs().stream()
                        .map(SupplyViews::need)
                        .sorted(Comparator.comparing((NeedView need) -> need.lacking() == null)
                                .thenComparing(need -> need.drawer() == null)
                                .thenComparing(need -> need.drawer() == null ? "" : need.drawer()))
                        .toList(),
                prices.isEmpty()
                        ? null
                        : prices.stream().mapToDouble(Double::doubleValue).sum(),
                prices.size() < lacking.size(),
                worked.tables().stream().map(SupplyViews::table).toList(),
                worked.open().stream()
                        .map(open -> new SupplyView.Unsettled(
                                open.book(),
                                open.name(),
                                open.stuff(),
                                open.stuff().words()))
                        .toList(),
                acts.stream()
                        .map(act -> new SupplyView.ActView(act.id(), words(act, drawers)))
                        .toList());
    }

    private static Optional<Double> price(Need need) {
        return need.thing().flatMap(thing -> thing.price().map(each -> each * thing.whole(need.lacking())));
    }

    /** What is bought is bought whole; where a spool holds who knows how much, what lacks. */
    private static double bought(Need need) {
        double lacking = need.lacking();
        return need.thing()
                .flatMap(thing -> thing.holding(thing.whole(lacking)))
                .orElse(lacking);
    }

    private static String toBuy(Need need) {
        String amount = amount(bought(need), need.unit());
        long spools = need.thing()
                .filter(thing -> thing.unit().equals("m") && thing.holds().isPresent())
                .map(thing -> Math.round(thing.whole(need.lacking())))
                .orElse(0L);
        return spools == 0 ? amount : amount + (spools == 1 ? ", one spool" : ", " + spools + " spools");
    }

    private static NeedView need(Need need) {
        double lacking = need.lacking();
        @Nullable StockThing thing = need.thing().orElse(null);
        String needed = amount(need.number(), need.unit());
        return new NeedView(
                thing == null ? null : thing.id(),
                need.name(),
                thing == null ? null : thing.drawer(),
                need.width()
                        .map(width -> InUnits.of(Phrase.of(needed + ", {} wide", width.at(Fineness.CUT))))
                        .orElse(new InUnits(needed, needed)),
                thing == null
                        ? null
                        : thing.have().map(have -> amount(have, thing.unit())).orElse(null),
                lacking > 0 ? bought(need) : null,
                lacking > 0 ? toBuy(need) : null,
                lacking > 0 ? price(need).orElse(null) : null,
                need.books(),
                need.number() == 0 && !need.missing().isEmpty(),
                need.missing());
    }

    private static CuttingTable table(Table table) {
        StockPlan plan = table.cutting().plan();
        List<StockThing> things = table.cutting().things();
        int sheets = plan.taken(0);
        return new CuttingTable(
                table.thing().id(),
                table.thing().name(),
                table.books(),
                table.pieces().stream()
                        .mapToInt(piece -> piece.demand().number())
                        .sum(),
                sheets,
                table.cutting().sheets() - sheets,
                plan.fewest(),
                IntStream.range(0, plan.wish().wanted().size())
                        .mapToObj(i -> new SupplyView.WantedView(
                                table.cutting().wanted().get(i),
                                PaperViews.size(
                                        plan.wish().wanted().get(i).width(),
                                        plan.wish().wanted().get(i).height()),
                                plan.wish().wanted().get(i).number()))
                        .toList(),
                plan.sheets().stream()
                        .map(cut -> sheet(things.get(cut.stock()), cut))
                        .toList(),
                Cuttings.kept(plan).entrySet().stream()
                        .map(kept -> new SupplyView.LeftView(
                                PaperViews.size(
                                        kept.getKey().width(), kept.getKey().height()),
                                kept.getValue()))
                        .toList(),
                Needs.missing(table.cutting()));
    }

    private static CutSheetView sheet(StockThing thing, StockPlan.Cut cut) {
        Supply sheet = thing.sheet().orElseThrow();
        return new CutSheetView(
                thing.name(),
                !thing.offcutOf().isEmpty(),
                sheet.width().mm(),
                sheet.height().mm(),
                PaperViews.size(sheet.width(), sheet.height()),
                sheet.grain(),
                PaperViews.layout(cut.layout()));
    }

    private static String words(DrawerAct act, DrawerService drawers) {
        if (act.kind() == Kind.BOUGHT) {
            Moved moved = act.moved().get(0);
            return drawers.stock(moved.thing())
                    .map(thing -> "Bought: " + amount(-moved.number(), thing.unit()) + " of " + thing.name())
                    .orElse("Bought");
        }
        double taken = act.moved().stream()
                .mapToDouble(Moved::number)
                .filter(number -> number > 0)
                .sum();
        double laid = -act.moved().stream()
                .mapToDouble(Moved::number)
                .filter(number -> number < 0)
                .sum();
        if (act.kind() == Kind.ANEW || act.kind() == Kind.CLASS) {
            return (act.kind() == Kind.ANEW ? "For spoilt copies: " : "For a class: ")
                    + act.moved().stream()
                            .flatMap(moved -> drawers.stock(moved.thing()).stream()
                                    .map(thing -> amount(moved.number(), thing.unit()) + " of " + thing.name()))
                            .collect(Collectors.joining(", "));
        }
        String from = act.thing() == null
                ? ""
                : drawers.stock(act.thing()).map(thing -> " of " + thing.name()).orElse("");
        return "Cut: " + plain(taken) + from + " taken out, " + (laid == 0 ? "no" : plain(laid))
                + (laid == 1 ? " off-cut laid in" : " off-cuts laid in");
    }

    /** A number with its unit: near to it where that is a letter or two, apart like any other word where it is one. */
    static String amount(double number, String unit) {
        return plain(number)
                + (unit.length() > 2 ? "\u00a0" : "\u202f")
                + (number == 1 && unit.endsWith("s") ? unit.substring(0, unit.length() - 1) : unit);
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(Math.round(number * 10), 1)
                .stripTrailingZeros()
                .toPlainString();
    }
}
