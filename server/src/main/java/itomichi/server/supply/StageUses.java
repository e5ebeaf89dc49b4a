package itomichi.server.supply;

import itomichi.book.BookPlan;
import itomichi.finding.Stage;
import itomichi.plan.UsedUp;
import itomichi.server.book.StageWatch;
import itomichi.server.document.BookDocument;
import itomichi.server.drawer.DrawerService;
import itomichi.server.supply.DrawerAct.Kind;
import itomichi.server.supply.DrawerAct.Moved;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a stage uses up leaves the drawers when it is done, and comes back when it is not done any more. */
@Component
class StageUses implements StageWatch {

    /** Stages that use something up. */
    static final Set<Stage> USING = Set.of(Stage.PAPER, Stage.SEW, Stage.COVER);

    private final DrawerService drawers;
    private final ActStore acts;
    private final Cuttings cuttings;

    StageUses(DrawerService drawers, ActStore acts, Cuttings cuttings) {
        this.drawers = drawers;
        this.acts = acts;
        this.cuttings = cuttings;
    }

    @Override
    public Map<Stage, List<Used>> uses(UUID book, BookDocument document, BookPlan plan, Set<Stage> stages) {
        Map<Stage, List<Used>> uses = new EnumMap<>(Stage.class);
        if (Collections.disjoint(stages, USING)) {
            return uses;
        }
        UsedUp used = UsedUp.of(plan.worked());
        for (Stage stage : stages) {
            List<Used> here = switch (stage) {
                case PAPER -> papers(document, used);
                case SEW -> thread(document, used);
                case COVER -> pieces(book, document, used);
                default -> List.of();
            };
            if (!here.isEmpty()) {
                uses.put(stage, here);
            }
        }
        return uses;
    }

    private static List<Used> papers(BookDocument document, UsedUp used) {
        List<Used> papers = new ArrayList<>();
        for (UsedUp.PaperUse paper : used.papers()) {
            UUID thing = paper(document, paper.paper()).drawerId();
            if (thing != null && paper.sheets() > 0) {
                papers.add(new Used(thing, paper.sheets()));
            }
        }
        return papers;
    }

    /** One of a book's papers, from 0. */
    static BookDocument.Paper paper(BookDocument document, int number) {
        return number == 0 ? document.paper() : document.otherPapers().get(number - 1);
    }

    private static List<Used> thread(BookDocument document, UsedUp used) {
        UUID thing = document.thread().drawerId();
        return thing == null
                ? List.of()
                : used.thread()
                        .map(length -> List.of(new Used(thing, metres(length.mm()))))
                        .orElse(List.of());
    }

    /** Metres, to the tenth that a spool is told by. */
    static double metres(double mm) {
        return Math.ceil(mm / 100) / 10;
    }

    private List<Used> pieces(UUID book, BookDocument document, UsedUp used) {
        List<Used> pieces = new ArrayList<>();
        Set<UUID> cut = cutFrom(book);
        for (BookDocument.CoverStock stock : document.covering().stocks()) {
            List<Cuttings.Piece> wanted = used.pieces().getOrDefault(stock.stuff(), List.of()).stream()
                    .map(piece -> new Cuttings.Piece(stock.stuff(), piece.name(), piece.demand()))
                    .toList();
            if (!wanted.isEmpty() && stock.drawerId() != null && !cut.contains(stock.drawerId())) {
                drawers.stock(stock.drawerId())
                        .flatMap(thing -> cuttings.cut(thing, wanted))
                        .ifPresent(cutting ->
                                cutting.taken().forEach((thing, number) -> pieces.add(new Used(thing, number))));
            }
        }
        return pieces;
    }

    /** The things from which what a book wants was cut at the cutting table. */
    Set<UUID> cutFrom(UUID book) {
        return acts.of(book).stream()
                .filter(act -> act.kind() == Kind.CUT && !act.undone())
                .flatMap(act -> Stream.ofNullable(act.thing()))
                .collect(Collectors.toSet());
    }

    @Override
    public void moved(UUID book, Set<Stage> done, Set<Stage> undone, @Nullable Map<Stage, List<Used>> uses) {
        List<DrawerAct> before =
                acts.of(book).stream().filter(act -> act.kind() == Kind.STAGE).toList();
        for (DrawerAct act : before) {
            if (!act.undone() && act.stage() != null && undone.contains(act.stage())) {
                undo(act);
            }
        }
        for (Stage stage : done) {
            List<Moved> moved = uses == null ? again(before, stage) : take(uses.getOrDefault(stage, List.of()));
            if (!moved.isEmpty()) {
                acts.insert(Kind.STAGE, stage, null, List.of(book), moved);
            }
        }
    }

    /** Lays back what an act took, and takes what it laid in. */
    void undo(DrawerAct act) {
        act.moved().stream()
                .filter(moved -> drawers.known(moved.thing()))
                .forEach(moved -> drawers.take(moved.thing(), -moved.number()));
        acts.markUndone(act.id());
    }

    /** What a stage took when it was done last. */
    private List<Moved> again(List<DrawerAct> before, Stage stage) {
        return before.stream()
                .filter(act -> act.stage() == stage && act.undone())
                .findFirst()
                .map(act -> take(act.moved().stream()
                        .map(one -> new Used(one.thing(), one.number()))
                        .toList()))
                .orElse(List.of());
    }

    /** Takes what is there. */
    List<Moved> take(List<Used> uses) {
        return uses.stream()
                .filter(use -> drawers.known(use.thing()))
                .map(use -> new Moved(use.thing(), drawers.take(use.thing(), use.number())))
                .filter(moved -> moved.number() != 0)
                .toList();
    }
}
