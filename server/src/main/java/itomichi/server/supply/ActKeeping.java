package itomichi.server.supply;

import itomichi.cutting.StockPlan;
import itomichi.server.book.StageWatch.Used;
import itomichi.server.copies.CopiesService;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import itomichi.server.platform.ProblemException;
import itomichi.server.supply.DrawerAct.Kind;
import itomichi.server.supply.DrawerAct.Moved;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is bought, cut and undone, each in one transaction; nothing is planned here. */
@Service
class ActKeeping {

    private final DrawerService drawers;
    private final ActStore acts;
    private final StageUses stages;
    private final CopiesService copies;

    ActKeeping(DrawerService drawers, ActStore acts, StageUses stages, CopiesService copies) {
        this.drawers = drawers;
        this.acts = acts;
        this.stages = stages;
        this.copies = copies;
    }

    @Transactional
    void bought(UUID thing, double number) {
        drawers.take(thing, -number);
        acts.insert(Kind.BOUGHT, null, thing, List.of(), List.of(new Moved(thing, -number)));
    }

    /**
     * Takes sheets out and lays off-cuts in.
     *
     * @param taken how much of each thing
     * @param kept what is left of all of them and worth keeping
     */
    @Transactional
    void cut(StockThing thing, List<UUID> books, Map<UUID, Integer> taken, Map<StockPlan.Left, Integer> kept) {
        // nobody else takes of it until this is kept, so a press that came twice cuts once
        drawers.hold(thing.id());
        if (books.stream().anyMatch(book -> stages.cutFrom(book).contains(thing.id()))) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "What these books want of “" + thing.name() + "” is cut already.");
        }
        List<Moved> moved = new ArrayList<>(stages.take(taken.entrySet().stream()
                .map(one -> new Used(one.getKey(), one.getValue()))
                .toList()));
        kept.forEach((left, number) -> {
            UUID offcut =
                    drawers.offcut(thing.id(), left.width().mm(), left.height().mm());
            drawers.take(offcut, -number);
            moved.add(new Moved(offcut, -number));
        });
        acts.insert(Kind.CUT, null, thing.id(), books, moved);
    }

    /**
     * Takes what copies that were spoilt need anew.
     *
     * @param spoilt those
     */
    @Transactional
    void anew(UUID book, List<UUID> spoilt, List<Used> uses) {
        if (!copies.held(spoilt)) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "What the " + spoilt.size() + " need anew was taken meanwhile; it is shown as it is now.");
        }
        copies.taken(spoilt, acts.insert(Kind.ANEW, null, null, List.of(book), stages.take(uses)));
    }

    /** Takes what the kits of a class hold. */
    @Transactional
    UUID forClass(UUID book, List<Used> uses) {
        return acts.insert(Kind.CLASS, null, null, List.of(book), stages.take(uses));
    }

    @Transactional
    void undo(UUID id) {
        DrawerAct act = acts.held(id)
                .filter(one -> one.kind() != Kind.STAGE)
                .orElseThrow(
                        () -> new ProblemException(HttpStatus.NOT_FOUND, "Nothing of that kind was cut or bought."));
        if (!act.undone()) {
            stages.undo(act);
            copies.actUndone(act.id());
        }
    }
}
