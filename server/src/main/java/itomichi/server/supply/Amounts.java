package itomichi.server.supply;

import itomichi.plan.UsedUp;
import itomichi.server.book.StageWatch.Used;
import itomichi.server.document.BookDocument;
import itomichi.server.document.KindStuffs;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How much of what is used up, what the drawers hold of it, and what it costs. */
@Component
public class Amounts {

    /** Less than this of anything is nothing: what is left of rounding. */
    private static final double NOTHING = 1e-6;

    private final DrawerService drawers;
    private final StageUses stages;

    Amounts(DrawerService drawers, StageUses stages) {
        this.drawers = drawers;
        this.stages = stages;
    }

    /** Something that is used up; {@code thing} is nothing where it lies in no drawer. */
    private record What(@Nullable UUID thing, String name, String unit) {}

    /** How much of everything. */
    public List<AmountView> views(BookDocument document, UsedUp used) {
        return told(amounts(document, used));
    }

    /** How much more of everything than without. */
    List<AmountView> views(BookDocument document, UsedUp used, UsedUp without) {
        Map<What, Double> more = amounts(document, used);
        amounts(document, without).forEach((what, number) -> more.merge(what, -number, Double::sum));
        return told(more);
    }

    /** What all of it costs; nothing where a price is not known. */
    public static @Nullable Double cost(List<AmountView> amounts) {
        double cost = 0;
        for (AmountView amount : amounts) {
            Double price = amount.price();
            if (price == null) {
                return null;
            }
            cost += price;
        }
        return cost;
    }

    private Map<What, Double> amounts(BookDocument document, UsedUp used) {
        Map<What, Double> amounts = new LinkedHashMap<>();
        used.papers().forEach(paper -> {
            BookDocument.Paper of = StageUses.paper(document, paper.paper());
            amounts.merge(what(of.drawerId(), of.name(), "sheets"), (double) paper.sheets(), Double::sum);
        });
        StageUses.threads(document, used)
                .forEach(thread ->
                        amounts.merge(what(thread.thing(), thread.name(), "m"), thread.metres(), Double::sum));
        List<Used> cut = stages.pieces(document, used);
        cut.forEach(one -> drawers.stock(one.thing())
                .ifPresent(thing ->
                        amounts.merge(new What(thing.id(), thing.name(), thing.unit()), one.number(), Double::sum)));
        used.pieces()
                .forEach((stuff, pieces) -> pieces.stream()
                        .filter(piece -> KindStuffs.stock(document, piece.kind(), stuff)
                                .map(BookDocument.CoverStock::drawerId)
                                .isEmpty())
                        .forEach(piece -> amounts.merge(
                                new What(null, piece.name() + ", " + stuff.words(), "pieces"),
                                (double) piece.demand().number(),
                                Double::sum)));
        used.lengths()
                .forEach(length -> amounts.merge(
                        new What(null, length.name(), "m"),
                        StageUses.metres(length.length().mm()),
                        Double::sum));
        return amounts;
    }

    /** By the drawer's own name, where it lies in one. */
    private What what(@Nullable UUID id, String name, String unit) {
        return Optional.ofNullable(id)
                .flatMap(drawers::stock)
                .map(thing -> new What(thing.id(), thing.name(), thing.unit()))
                .orElseGet(() -> new What(null, name, unit));
    }

    private List<AmountView> told(Map<What, Double> amounts) {
        List<AmountView> views = new ArrayList<>();
        amounts.forEach((what, number) -> {
            if (number > NOTHING) {
                Optional<StockThing> thing = Optional.ofNullable(what.thing()).flatMap(drawers::stock);
                views.add(new AmountView(
                        what.name(),
                        SupplyViews.amount(number, what.unit()),
                        thing.flatMap(StockThing::have)
                                .map(have -> SupplyViews.amount(have, what.unit()))
                                .orElse(null),
                        thing.flatMap(StockThing::priceOfOne)
                                .map(price -> price * number)
                                .orElse(null)));
            }
        });
        return views;
    }
}
