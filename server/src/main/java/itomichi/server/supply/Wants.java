package itomichi.server.supply;

import itomichi.book.BookPlan;
import itomichi.cover.PieceStuff;
import itomichi.edition.Edition;
import itomichi.finding.Stage;
import itomichi.plan.UsedUp;
import itomichi.server.book.StoredBook;
import itomichi.server.copies.CopiesService;
import itomichi.server.document.BookDocument;
import itomichi.server.document.KindStuffs;
import itomichi.server.plan.PlanViews;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** What is wanted of the drawers: for books that are not done, for copies that were spoilt, for whatever else says so. */
@Component
class Wants {

    private static final Logger LOG = LoggerFactory.getLogger(Wants.class);

    private final StageUses stages;
    private final CopiesService copies;
    private final ActStore acts;
    private final List<AlsoWants> others;

    Wants(StageUses stages, CopiesService copies, ActStore acts, List<AlsoWants> others) {
        this.stages = stages;
        this.copies = copies;
        this.acts = acts;
        this.others = others;
    }

    /**
     * What is not done yet of these books is still wanted for them, and what spoilt copies need anew whatever stages are done; a book that
     * cannot be planned wants nothing.
     */
    void addAll(Needs needs, List<StoredBook> wanting) {
        Map<UUID, CopiesService.Untaken> spoilt =
                copies.untaken(wanting.stream().map(StoredBook::id).toList());
        for (StoredBook book : wanting) {
            add(needs, book, Optional.ofNullable(spoilt.get(book.id())));
        }
    }

    private void add(Needs needs, StoredBook book, Optional<CopiesService.Untaken> spoilt) {
        UsedUp used;
        Optional<UsedUp> anew;
        try {
            BookPlan plan = PlanViews.plan(book.document());
            used = UsedUp.of(plan.worked());
            anew = spoilt.map(one -> Edition.of(plan).anew(one.before(), one.copies()));
        } catch (RuntimeException unplanned) {
            LOG.warn("Book {} cannot be planned as it is kept", book.id(), unplanned);
            return;
        }
        Set<Stage> open = EnumSet.allOf(Stage.class);
        open.removeAll(book.document().done());
        add(needs, book, used, open, open.contains(Stage.COVER) ? stages.cutFrom(book.id()) : Set.of());
        anew.ifPresent(more -> add(needs, book, more, EnumSet.allOf(Stage.class), Set.of()));
    }

    /**
     * What is used up in these stages.
     *
     * @param cut things from which its pieces are cut already
     */
    private void add(Needs needs, StoredBook book, UsedUp used, Set<Stage> in, Set<UUID> cut) {
        BookDocument document = book.document();
        if (in.contains(Stage.PAPER)) {
            used.papers().forEach(paper -> needs.paper(book, StageUses.paper(document, paper.paper()), paper.sheets()));
        }
        if (in.contains(Stage.SEW)) {
            StageUses.threads(document, used).forEach(thread -> needs.thread(book, thread));
        }
        if (in.contains(Stage.COVER)) {
            used.pieces().forEach((stuff, pieces) -> pieces.forEach(piece -> piece(needs, book, cut, stuff, piece)));
            used.lengths().forEach(length -> needs.length(book, length));
        }
    }

    private void piece(Needs needs, StoredBook book, Set<UUID> cut, PieceStuff stuff, UsedUp.PieceUse piece) {
        UUID thing = KindStuffs.stock(book.document(), piece.kind(), stuff)
                .map(BookDocument.CoverStock::drawerId)
                .filter(id -> needs.thing(id).isPresent())
                .orElse(null);
        if (thing == null) {
            needs.unsettled(book, stuff);
        } else if (!cut.contains(thing)) {
            needs.piece(book, stuff, thing, piece);
        }
    }

    /** What is wanted besides and was not taken yet; what its covers are cut from is counted in whole sheets, as it is taken. */
    void addOthers(Needs needs) {
        for (AlsoWants other : others) {
            for (AlsoWants.Wanted wanted : other.wanted()) {
                UUID act = wanted.act();
                if (act == null || !acts.stands(act)) {
                    add(needs, wanted.book(), wanted.used());
                }
            }
        }
    }

    private void add(Needs needs, StoredBook book, UsedUp used) {
        add(needs, book, used, EnumSet.of(Stage.PAPER, Stage.SEW), Set.of());
        stages.pieces(book.document(), used)
                .forEach(one -> needs.thing(one.thing()).ifPresent(thing -> needs.whole(book, thing, one.number())));
        used.lengths().forEach(length -> needs.length(book, length));
    }
}
