package itomichi.server.supply;

import itomichi.cutting.Knife;
import itomichi.documents.sheets.SharedCutsSheet;
import itomichi.finding.Stage;
import itomichi.measure.Length;
import itomichi.plan.UsedUp;
import itomichi.server.book.BookService;
import itomichi.server.book.StageWatch.Used;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.server.supply.DrawerAct.Moved;
import itomichi.server.supply.SupplyView.StageUse;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What books use up, what the drawers hold of it, what is cut and bought. */
@Service
public class SupplyService {

    /** The same books are looked at in the same order, and cut in the same way. */
    private static final Comparator<StoredBook> BY_NAME =
            Comparator.comparing(book -> book.document().name());

    private static final double MOST_BOUGHT = 1_000_000;
    private static final double LEAST_REACH_MM = 50;
    private static final double MOST_REACH_MM = 5000;
    private static final double MOST_STRIP_MM = 100;

    private final BookService books;
    private final DrawerService drawers;
    private final ActStore acts;
    private final KnifeStore knives;
    private final Cuttings cuttings;
    private final StageUses stages;
    private final Wants wants;
    private final ActKeeping keeping;

    SupplyService(
            BookService books,
            DrawerService drawers,
            ActStore acts,
            KnifeStore knives,
            Cuttings cuttings,
            StageUses stages,
            Wants wants,
            ActKeeping keeping) {
        this.books = books;
        this.drawers = drawers;
        this.acts = acts;
        this.knives = knives;
        this.cuttings = cuttings;
        this.stages = stages;
        this.wants = wants;
        this.keeping = keeping;
    }

    /** What these books want; all that are on the bench where none is named. */
    SupplyView look(List<UUID> wanted) {
        List<StoredBook> last = books.onBench(BookService.MOST_TOGETHER + 1);
        List<StoredBook> bench = Stream.concat(
                        last.stream().limit(BookService.MOST_TOGETHER), elsewhere(last, wanted).stream())
                .sorted(BY_NAME)
                .toList();
        Needs needs = new Needs(drawers, cuttings);
        wants.addAll(
                needs,
                bench.stream()
                        .filter(book -> wanted.isEmpty() || wanted.contains(book.id()))
                        .toList());
        if (wanted.isEmpty()) {
            wants.addOthers(needs);
        }
        return SupplyViews.of(
                bench,
                wanted,
                last.size() > BookService.MOST_TOGETHER,
                knives.knife(),
                needs.worked(),
                acts.last(12),
                drawers);
    }

    /** What runs short of what all books on the bench want. */
    public List<SupplyView.NeedView> lacking() {
        return look(List.of()).needs().stream()
                .filter(need -> need.lacking() != null)
                .toList();
    }

    /** Books that are asked for by name and are not among those that were changed last: on the shelf, or of long ago. */
    private List<StoredBook> elsewhere(List<StoredBook> last, List<UUID> wanted) {
        Set<UUID> there = last.stream()
                .limit(BookService.MOST_TOGETHER)
                .map(StoredBook::id)
                .collect(Collectors.toSet());
        List<UUID> missing = wanted.stream()
                .filter(id -> !there.contains(id))
                .limit(BookService.MOST_TOGETHER)
                .toList();
        return books.all(missing).stream().filter(book -> !book.removed()).toList();
    }

    /** What the stages of a book take out of the drawers. */
    List<StageUse> ofBook(UUID id) {
        StoredBook book = books.stored(id);
        List<StageUse> uses = new ArrayList<>();
        for (DrawerAct act : acts.of(id)) {
            Stage stage = act.stage();
            if (stage != null && !act.undone()) {
                for (Moved moved : act.moved()) {
                    drawers.stock(moved.thing()).ifPresent(thing -> uses.add(use(stage, thing, moved.number(), true)));
                }
            }
        }
        stages.uses(id, book.document(), PlanViews.plan(book.document()), StageUses.USING)
                .forEach((stage, planned) -> {
                    if (!book.document().done().contains(stage)) {
                        for (Used used : planned) {
                            drawers.stock(used.thing())
                                    .ifPresent(thing -> uses.add(use(stage, thing, used.number(), false)));
                        }
                    }
                });
        return uses;
    }

    private static StageUse use(Stage stage, StockThing thing, double number, boolean taken) {
        return new StageUse(
                stage,
                thing.id(),
                thing.name(),
                SupplyViews.amount(number, thing.unit()),
                thing.have().map(have -> SupplyViews.amount(have, thing.unit())).orElse(null),
                taken);
    }

    /**
     * Lays in what was bought.
     *
     * @throws UnfitValueException if it is not counted how much there is
     */
    void bought(UUID id, double number) {
        StockThing thing = thing(id);
        if (!(number > 0 && number <= MOST_BOUGHT)) {
            throw new UnfitValueException(
                    "number", "Read " + number + " " + thing.unit() + " bought; more than none is wanted.");
        }
        if (thing.have().isEmpty()) {
            throw new UnfitValueException(
                    "number",
                    "How much there is of “" + thing.name() + "” is not known; count it in its drawer first.");
        }
        keeping.bought(id, number);
    }

    /**
     * Takes the sheets out that are cut, and lays in what is left and worth keeping.
     *
     * @param wanted the books that are cut for
     * @param sheets so many were seen to be cut, off-cuts among them
     */
    void cut(UUID id, List<UUID> wanted, int sheets) {
        StockThing thing = thing(id);
        Needs.Table table = table(thing, books.all(wanted));
        int now = table.cutting().sheets();
        if (now != sheets) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "What is cut from “" + thing.name() + "” changed meanwhile, from " + sheets + " to " + now
                            + " sheets; it is shown as it is now.");
        }
        keeping.cut(
                thing,
                table.books(),
                table.cutting().taken(),
                Cuttings.kept(table.cutting().plan()));
    }

    /** What is cut from a thing for these books, or for all on the bench where none is named. */
    SharedCutsSheet.Wanted cuts(UUID id, List<UUID> wanted) {
        Needs.Table table =
                table(thing(id), wanted.isEmpty() ? books.onBench(BookService.MOST_TOGETHER) : books.all(wanted));
        return new SharedCutsSheet.Wanted(
                table.cutting().plan(),
                table.cutting().things().stream().map(StockThing::name).toList(),
                table.cutting().wanted());
    }

    private Needs.Table table(StockThing thing, List<StoredBook> from) {
        Needs needs = new Needs(drawers, cuttings);
        wants.addAll(
                needs,
                from.stream().filter(book -> !book.removed()).sorted(BY_NAME).toList());
        return needs.table(thing.id())
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "Nothing is to be cut from “" + thing.name() + "” any more."));
    }

    /**
     * Takes what the kits of a class hold out of the drawers.
     *
     * @return the act, by which it is undone
     */
    public UUID takeForClass(UUID book, BookDocument document, UsedUp used) {
        return keeping.forClass(book, stages.all(document, used));
    }

    /** Whether what was done by an act still is. */
    public boolean stands(UUID act) {
        return acts.stands(act);
    }

    /** Undoes what was cut or bought. */
    void undo(UUID id) {
        keeping.undo(id);
    }

    /** What is cut with from now on. */
    @Transactional
    void cutWith(Knife knife) {
        knife.reach()
                .ifPresent(reach -> within("reachMm", "The reach of a knife", reach, LEAST_REACH_MM, MOST_REACH_MM));
        within("leastStripMm", "The least strip", knife.leastStrip(), 0, MOST_STRIP_MM);
        knives.keep(knife);
    }

    private static void within(String field, String what, Length length, double least, double most) {
        if (!(length.mm() >= least && length.mm() <= most)) {
            throw new UnfitValueException(
                    field, what + ": from " + (int) least + " to " + (int) most + " mm is taken.");
        }
    }

    /** Forgets what was taken out and laid in, and what is cut with. */
    @Transactional
    public void clear() {
        acts.clear();
        knives.keep(Knife.ALONG_A_RULE);
    }

    private StockThing thing(UUID id) {
        return drawers.stock(id)
                .orElseThrow(
                        () -> new ProblemException(HttpStatus.NOT_FOUND, "There is no such thing in the drawers."));
    }
}
