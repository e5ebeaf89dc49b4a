package itomichi.server.supply;

import itomichi.book.BookPlan;
import itomichi.edition.Edition;
import itomichi.plan.UsedUp;
import itomichi.server.book.BookService;
import itomichi.server.book.StageWatch.Used;
import itomichi.server.book.StoredBook;
import itomichi.server.copies.CopiesService;
import itomichi.server.document.BookDocument;
import itomichi.server.document.KindStuffs;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.server.supply.CopySuppliesView.AmountView;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What one more copy of a book would take, and what spoilt ones need anew. */
@Service
class CopySupplies {

    /** Less than this of anything is nothing: what is left of rounding. */
    private static final double NOTHING = 1e-6;

    private final BookService books;
    private final CopiesService copies;
    private final DrawerService drawers;
    private final StageUses stages;
    private final ActKeeping keeping;

    CopySupplies(BookService books, CopiesService copies, DrawerService drawers, StageUses stages, ActKeeping keeping) {
        this.books = books;
        this.copies = copies;
        this.drawers = drawers;
        this.stages = stages;
        this.keeping = keeping;
    }

    /** Something that is used up; {@code thing} is nothing where it lies in no drawer. */
    private record What(@Nullable UUID thing, String name, String unit) {}

    CopySuppliesView look(UUID id) {
        StoredBook book = books.stored(id);
        BookDocument document = book.document();
        BookPlan plan = PlanViews.plan(document);
        Edition edition = Edition.of(plan);
        Map<What, Double> more = amounts(document, edition.withOneMore());
        amounts(document, UsedUp.of(plan.worked())).forEach((what, number) -> more.merge(what, -number, Double::sum));
        List<AmountView> one = views(more);
        CopiesService.Untaken open = copies.untaken(id);
        return new CopySuppliesView(
                one,
                one.stream().anyMatch(amount -> amount.price() == null)
                        ? null
                        : one.stream()
                                .map(AmountView::price)
                                .mapToDouble(price -> price == null ? 0 : price)
                                .sum(),
                views(amounts(document, edition.anew(open.before(), open.copies()))),
                open.copies().size());
    }

    /** Takes what spoilt copies need anew out of the drawers. */
    void takeAnew(UUID id) {
        StoredBook book = books.stored(id);
        CopiesService.Untaken open = copies.untaken(id);
        if (open.copies().isEmpty()) {
            throw new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, "No spoilt copy needs anything anew.");
        }
        UsedUp used = Edition.of(PlanViews.plan(book.document())).anew(open.before(), open.copies());
        keeping.anew(id, open.ids(), stages.all(book.document(), used));
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

    private List<AmountView> views(Map<What, Double> amounts) {
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
