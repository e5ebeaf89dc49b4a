package itomichi.server.book;

import itomichi.book.BookPlan;
import itomichi.finding.Stage;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.LooksView;
import itomichi.server.plan.PlanView;
import itomichi.server.plan.PlanViews;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * Books and what is done with them. Every change is kept as a revision; none overwrites another unseen. What is planned is planned before
 * or after the transaction ({@link BookKeeping}), never in it.
 */
@Service
public class BookService {

    /** Books on the bench that are looked at together: those changed last. */
    public static final int MOST_TOGETHER = 60;

    private static final Logger LOG = LoggerFactory.getLogger(BookService.class);

    /** Cards that are listed at once. */
    private static final int PART = 48;

    private final BookKeeping keeping;
    private final StageWatch watch;
    private final Clock clock;
    private final ReentrantLock making = new ReentrantLock();

    BookService(BookKeeping keeping, StageWatch watch, Clock clock) {
        this.keeping = keeping;
        this.watch = watch;
        this.clock = clock;
    }

    /**
     * A part of the books that are wanted, the last changed first, as it is sent: a {@code BenchView}.
     *
     * @param from how many come before this part
     */
    String bench(CardStore.Wanted wanted, int from) {
        CardStore.Part part = keeping.part(wanted, Math.max(0, from), PART);
        return sent(part, cards(part.listed()));
    }

    /** The part as it is sent: its cards are kept so, and reading them to write them again helps nobody. */
    private static String sent(CardStore.Part part, Map<UUID, String> cards) {
        String books = part.listed().stream()
                .map(one -> cards.getOrDefault(one.id(), ""))
                .filter(card -> !card.isEmpty())
                .collect(Collectors.joining(","));
        String stages = part.stages().entrySet().stream()
                .map(one -> "{\"stage\":\"" + one.getKey() + "\",\"books\":" + one.getValue() + "}")
                .collect(Collectors.joining(","));
        return "{\"books\":[" + books + "],\"all\":" + part.all() + ",\"stages\":[" + stages + "]}";
    }

    /** How books look from outside, removed ones included: as they stand on the bench. */
    public Map<UUID, LooksView> looks(Collection<UUID> ids) {
        return cards(keeping.listed(ids)).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, one -> keeping.looks(one.getValue())));
    }

    /** The cards of listed books: what is not made yet is made once, however many ask for it. */
    private Map<UUID, String> cards(List<CardStore.Listed> listed) {
        Map<UUID, String> cards = new HashMap<>();
        List<UUID> lack = lacking(listed, cards);
        if (!lack.isEmpty()) {
            making.lock();
            try {
                List<UUID> still = lacking(keeping.listed(lack), cards);
                if (!still.isEmpty()) {
                    cards.putAll(made(still));
                }
            } finally {
                making.unlock();
            }
        }
        return cards;
    }

    /** Lays the cards that are there by those that are known already. */
    private static List<UUID> lacking(List<CardStore.Listed> listed, Map<UUID, String> known) {
        List<UUID> lack = new ArrayList<>();
        for (CardStore.Listed one : listed) {
            one.card().ifPresentOrElse(card -> known.put(one.id(), card), () -> lack.add(one.id()));
        }
        return lack;
    }

    /** The cards of these books; one that cannot be planned stands on the bench all the same, and hides no other. */
    private Map<UUID, String> made(List<UUID> ids) {
        Map<UUID, String> cards = new HashMap<>();
        List<CardStore.MadeCard> made = new ArrayList<>();
        for (StoredBook book : keeping.all(ids)) {
            try {
                BookCard card = BookCards.of(book);
                made.add(new CardStore.MadeCard(book.step(), card));
                cards.put(book.id(), keeping.written(card));
            } catch (RuntimeException unplanned) {
                LOG.warn("Book {} cannot be planned as it is kept", book.id(), unplanned);
                cards.put(book.id(), keeping.written(BookCards.unplanned(book)));
            }
        }
        keeping.keepCards(made);
        return cards;
    }

    /** The books on the bench whose sewing is begun and not said to be done, the last changed first. */
    public List<StoredBook> begun(int most) {
        return keeping.begun(most);
    }

    /** A book, removed ones included. */
    public StoredBook stored(UUID id) {
        return keeping.stored(id);
    }

    /** A book for the screen. */
    public BookView view(UUID id) {
        return view(keeping.kept(id));
    }

    BookView view(KeptBook kept) {
        return view(kept, PlanViews.of(kept.book().document()));
    }

    /** A book with its plan: made before it is kept, so that nothing is kept that cannot be planned. */
    private record Planned(BookDocument document, BookPlan plan, PlanView view) {}

    private static Planned planned(BookDocument document) {
        BookPlan plan = PlanViews.mendable(document);
        return new Planned(document, plan, PlanViews.of(document, plan));
    }

    /** A book that was changed just now: its card is kept with it. It is planned already, unless it was kept under another name. */
    private BookView changed(KeptBook kept, Planned before) {
        StoredBook book = kept.book();
        Planned now = before.document().equals(book.document()) ? before : planned(book.document());
        keeping.keepCards(List.of(new CardStore.MadeCard(book.step(), BookCards.of(book, now.plan(), now.view()))));
        return view(kept, now.view());
    }

    private static BookView view(KeptBook kept, PlanView plan) {
        StoredBook book = kept.book();
        return new BookView(
                book.id(),
                book.version(),
                book.revision(),
                book.document(),
                plan,
                kept.undo(),
                kept.redo(),
                book.onShelf(),
                book.step(),
                book.changedAt());
    }

    /** Keeps a new book; its name is made its own by a number if it is taken. */
    public BookView create(BookDocument document, String change) {
        Planned planned = planned(checked(document));
        return changed(keeping.create(planned.document(), change), planned);
    }

    /**
     * Keeps a change.
     *
     * @param version the version that was changed
     * @param change what was changed, a few words
     * @throws ConflictException if the book is not at that version any more
     */
    public BookView save(UUID id, long version, String change, BookDocument document) {
        Planned planned = planned(checked(document));
        return changed(keeping.save(id, version, change, planned.document(), uses(id, planned)), planned);
    }

    /** What the stages use up that this change says are done. */
    private Map<Stage, List<StageWatch.Used>> uses(UUID id, Planned planned) {
        if (planned.document().done().isEmpty()) {
            return Map.of();
        }
        Set<Stage> done = BookKeeping.missing(keeping.stored(id).document(), planned.document());
        return done.isEmpty() ? Map.of() : watch.uses(id, planned.document(), planned.plan(), done);
    }

    /** The books on the bench that were changed last. */
    public List<StoredBook> onBench(int most) {
        return keeping.onBench(most);
    }

    /** The books of these ids, as far as they are still there, the last changed first. */
    public List<StoredBook> all(List<UUID> ids) {
        return keeping.all(ids);
    }

    /** The document with its name as it is read; what no book can be is refused. */
    private static BookDocument checked(BookDocument document) {
        return document.withName(BookDocuments.spec(document).title().name());
    }

    /** Goes back to the revision before. */
    public BookView undo(UUID id, long version) {
        KeptBook kept = keeping.undo(id, version);
        return changed(kept, planned(kept.book().document()));
    }

    /** Does again what was undone last. */
    public BookView redo(UUID id, long version) {
        KeptBook kept = keeping.redo(id, version);
        return changed(kept, planned(kept.book().document()));
    }

    /** Makes a book like this one, with nothing done yet. */
    public BookView copy(UUID id) {
        BookDocument document = keeping.kept(id).book().document();
        return create(document.withDone(List.of()), "copied from “" + document.name() + "”");
    }

    /** Puts a book on the shelf or takes it back to the bench. */
    public void shelve(UUID id, boolean onShelf) {
        keeping.shelve(id, onShelf, OffsetDateTime.now(clock));
    }

    /** Puts a book on the shelf that came there at that time. */
    public void shelvedAt(UUID id, OffsetDateTime at) {
        keeping.shelve(id, true, at);
    }

    /** Removes a book; it can be restored. */
    public void remove(UUID id) {
        keeping.remove(id);
    }

    /** Brings a removed book back. */
    public void restore(UUID id) {
        keeping.restore(id);
    }

    /** Forgets every book. */
    public void clear() {
        keeping.clear();
    }

    /** Whether there was never a book here. */
    public boolean empty() {
        return keeping.empty();
    }
}
