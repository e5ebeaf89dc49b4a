package itomichi.server.book;

import itomichi.finding.Stage;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.LooksView;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is done to books in the database, each in one transaction. Nothing is planned here: a transaction that waits for a plan keeps a
 * connection from everybody else.
 */
@Service
class BookKeeping {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CHANGE = 200;

    private final BookStore store;
    private final CardStore cards;
    private final StageWatch watch;

    BookKeeping(BookStore store, CardStore cards, StageWatch watch) {
        this.store = store;
        this.cards = cards;
        this.watch = watch;
    }

    @Transactional(readOnly = true)
    CardStore.Part part(CardStore.Wanted wanted, int from, int most) {
        return cards.part(wanted, from, most);
    }

    /** The books of these ids, removed ones included, each with its card where that is still true. */
    @Transactional(readOnly = true)
    List<CardStore.Listed> listed(Collection<UUID> ids) {
        return cards.of(ids);
    }

    LooksView looks(String card) {
        return cards.looks(card);
    }

    String written(BookCard card) {
        return cards.written(card);
    }

    /** The books of these ids, as far as they are still there. */
    @Transactional(readOnly = true)
    List<StoredBook> all(List<UUID> ids) {
        return store.all(ids);
    }

    @Transactional
    void keepCards(List<CardStore.MadeCard> made) {
        cards.keep(made);
    }

    /** A book, removed ones included. */
    @Transactional(readOnly = true)
    StoredBook stored(UUID id) {
        return get(id);
    }

    private StoredBook get(UUID id) {
        return store.get(id)
                .orElseThrow(() -> new ProblemException(HttpStatus.NOT_FOUND, "There is no such book here."));
    }

    /** A book that was not removed. */
    @Transactional(readOnly = true)
    KeptBook kept(UUID id) {
        return kept(notRemoved(get(id)));
    }

    private KeptBook kept(StoredBook book) {
        return new KeptBook(
                book,
                store.lastChild(book.id(), book.revision())
                        .map(BookStore.Child::change)
                        .orElse(null));
    }

    private static StoredBook notRemoved(StoredBook book) {
        if (book.removed()) {
            throw new ProblemException(HttpStatus.GONE, "“" + book.document().name() + "” was removed from the bench.");
        }
        return book;
    }

    @Transactional
    KeptBook create(BookDocument document, String change) {
        store.holdNames();
        UUID id = UUID.randomUUID();
        store.insert(id, document.withName(freeName(document.name(), null)), change);
        return kept(get(id));
    }

    @Transactional
    KeptBook save(UUID id, long version, String change, BookDocument document, Map<Stage, List<StageWatch.Used>> uses) {
        StoredBook now = notRemoved(held(id));
        if (now.version() != version) {
            if (now.document().equals(document)) {
                return kept(now);
            }
            throw new ConflictException(kept(now), document);
        }
        if (!document.name().equals(now.document().name())) {
            store.holdNames();
            if (store.nameTaken(document.name(), id)) {
                throw new UnfitValueException(
                        "name", "Another book is called “" + document.name() + "”; a name of its own is wanted.");
            }
        }
        int number = store.nextRevision(id);
        String words = change.isBlank() ? "change" : change.substring(0, Math.min(change.length(), LONGEST_CHANGE));
        store.insertRevision(id, number, now.revision(), words, document);
        return moved(now, number, document.name(), uses);
    }

    @Transactional
    KeptBook undo(UUID id, long version) {
        StoredBook now = unchanged(id, version);
        Integer parent = now.parent();
        if (parent == null) {
            throw new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, "There is nothing to undo.");
        }
        return moved(now, parent, nameAt(now, parent), null);
    }

    @Transactional
    KeptBook redo(UUID id, long version) {
        StoredBook now = unchanged(id, version);
        BookStore.Child child = store.lastChild(id, now.revision())
                .orElseThrow(
                        () -> new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, "There is nothing to do again."));
        return moved(now, child.number(), nameAt(now, child.number()), null);
    }

    /** The name the book had at a revision; the one it has now where another book was given that one meanwhile. */
    private String nameAt(StoredBook now, int revision) {
        String then = store.document(now.id(), revision).name();
        String name = now.document().name();
        if (then.equals(name)) {
            return name;
        }
        store.holdNames();
        return store.nameTaken(then, now.id()) ? name : then;
    }

    /** A book that nobody else changes until this transaction ends. */
    private StoredBook held(UUID id) {
        store.hold(id);
        return get(id);
    }

    private StoredBook unchanged(UUID id, long version) {
        StoredBook now = held(id);
        if (now.version() != version) {
            throw new ConflictException(kept(now), now.document());
        }
        return now;
    }

    private KeptBook moved(
            StoredBook before, int revision, String name, @Nullable Map<Stage, List<StageWatch.Used>> uses) {
        if (!store.move(before.id(), before.version(), revision, name)) {
            throw new IllegalStateException(
                    "Book " + before.id() + " moved on from version " + before.version() + " while it was held");
        }
        StoredBook after = get(before.id());
        Set<Stage> done = missing(before.document(), after.document());
        Set<Stage> undone = missing(after.document(), before.document());
        if (!done.isEmpty() || !undone.isEmpty()) {
            watch.moved(before.id(), done, undone, uses);
        }
        return kept(after);
    }

    /** Stages that are done in one and not in the other. */
    static Set<Stage> missing(BookDocument from, BookDocument in) {
        Set<Stage> stages = EnumSet.noneOf(Stage.class);
        stages.addAll(in.done());
        from.done().forEach(stages::remove);
        return stages;
    }

    /** The books on the bench that were changed last. */
    @Transactional(readOnly = true)
    List<StoredBook> onBench(int most) {
        return store.onBench(most);
    }

    @Transactional(readOnly = true)
    List<StoredBook> begun(int most) {
        return store.begun(most);
    }

    @Transactional
    void shelve(UUID id, boolean onShelf, OffsetDateTime at) {
        found(store.shelve(id, onShelf, at));
    }

    @Transactional
    void remove(UUID id) {
        found(store.remove(id));
    }

    @Transactional
    void restore(UUID id) {
        StoredBook book = held(id);
        if (!book.removed()) {
            return;
        }
        store.holdNames();
        String name = book.document().name();
        String free = freeName(name, id);
        if (!free.equals(name)) {
            int number = store.nextRevision(id);
            store.insertRevision(
                    id,
                    number,
                    book.revision(),
                    "name, because “" + name + "” was taken",
                    book.document().withName(free));
            store.move(id, book.version(), number, free);
        }
        store.restore(id, free);
    }

    @Transactional
    void clear() {
        store.clear();
    }

    @Transactional(readOnly = true)
    boolean empty() {
        return store.empty();
    }

    private static void found(boolean found) {
        if (!found) {
            throw new ProblemException(HttpStatus.NOT_FOUND, "There is no such book here.");
        }
    }

    private String freeName(String name, @Nullable UUID except) {
        String free = name;
        for (int number = 2; store.nameTaken(free, except); number++) {
            String suffix = ", " + number;
            free = name.substring(0, Math.min(name.length(), LONGEST_NAME - suffix.length())) + suffix;
        }
        return free;
    }
}
