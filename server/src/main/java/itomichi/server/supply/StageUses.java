package itomichi.server.supply;

import itomichi.book.BookPlan;
import itomichi.finding.Stage;
import itomichi.measure.Length;
import itomichi.plan.UsedUp;
import itomichi.server.book.StageWatch;
import itomichi.server.document.BookDocument;
import itomichi.server.document.KindStuffs;
import itomichi.server.drawer.DrawerService;
import itomichi.server.supply.DrawerAct.Kind;
import itomichi.server.supply.DrawerAct.Moved;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
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
                case COVER -> pieces(document, used, cutFrom(book));
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

    /**
     * How much is cut of a thread, for all kinds of copies that are sewn with it.
     *
     * @param thing where it lies in the drawers; nothing where that is not known
     */
    record OfThread(@Nullable UUID thing, String name, double metres) {}

    /** What is cut of each thread. */
    static List<OfThread> threads(BookDocument document, UsedUp used) {
        Map<OfThread, Length> lengths = new LinkedHashMap<>();
        for (UsedUp.ThreadUse thread : used.threads()) {
            lengths.merge(
                    new OfThread(
                            KindStuffs.threadId(document, thread.kind()),
                            KindStuffs.threadName(document, thread.kind()),
                            0),
                    thread.length(),
                    Length::plus);
        }
        return lengths.entrySet().stream()
                .map(one -> new OfThread(
                        one.getKey().thing(),
                        one.getKey().name(),
                        metres(one.getValue().mm())))
                .toList();
    }

    private static List<Used> thread(BookDocument document, UsedUp used) {
        List<Used> taken = new ArrayList<>();
        for (OfThread thread : threads(document, used)) {
            UUID thing = thread.thing();
            if (thing != null) {
                taken.add(new Used(thing, thread.metres()));
            }
        }
        return taken;
    }

    /** Metres, to the tenth that a spool is told by. */
    static double metres(double mm) {
        return Math.ceil(mm / 100) / 10;
    }

    /** All that is used up of what lies in the drawers, whatever of it was cut before. */
    List<Used> all(BookDocument document, UsedUp used) {
        List<Used> all = new ArrayList<>(papers(document, used));
        all.addAll(thread(document, used));
        all.addAll(pieces(document, used));
        return all;
    }

    /** What pieces of covers are cut from, whatever of it was cut before. */
    List<Used> pieces(BookDocument document, UsedUp used) {
        return pieces(document, used, Set.of());
    }

    private List<Used> pieces(BookDocument document, UsedUp used, Set<UUID> cut) {
        Map<UUID, List<Cuttings.Piece>> wanted = new LinkedHashMap<>();
        used.pieces()
                .forEach((stuff, pieces) -> pieces.forEach(piece -> KindStuffs.stock(document, piece.kind(), stuff)
                        .map(BookDocument.CoverStock::drawerId)
                        .ifPresent(thing -> wanted.computeIfAbsent(thing, none -> new ArrayList<>())
                                .add(new Cuttings.Piece(stuff, piece.name(), piece.demand())))));
        wanted.keySet().removeAll(cut);
        Map<UUID, Double> taken = new LinkedHashMap<>();
        wanted.forEach((id, pieces) -> drawers.stock(id)
                .flatMap(thing -> cuttings.cut(thing, pieces))
                .ifPresent(cutting ->
                        cutting.taken().forEach((thing, number) -> taken.merge(thing, (double) number, Double::sum))));
        return taken.entrySet().stream()
                .map(one -> new Used(one.getKey(), one.getValue()))
                .toList();
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
