package itomichi.server.book;

import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Books and what is done with them. Every change is kept as a revision; none overwrites another unseen. */
@Service
public class BookService {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CHANGE = 200;

    private final BookStore store;

    BookService(BookStore store) {
        this.store = store;
    }

    /** The books on the bench and the shelf whose name or purpose holds the text. */
    @Transactional(readOnly = true)
    public List<BookCard> bench(String find) {
        return store.find(find).stream().map(BookCards::of).toList();
    }

    /** A book, removed ones included. */
    @Transactional(readOnly = true)
    public StoredBook stored(UUID id) {
        return store.get(id)
                .orElseThrow(() -> new ProblemException(HttpStatus.NOT_FOUND, "There is no such book here."));
    }

    /** A book for the screen. */
    @Transactional(readOnly = true)
    public BookView view(UUID id) {
        return view(notRemoved(stored(id)));
    }

    private static StoredBook notRemoved(StoredBook book) {
        if (book.removed()) {
            throw new ProblemException(HttpStatus.GONE, "“" + book.document().name() + "” was removed from the bench.");
        }
        return book;
    }

    private BookView view(StoredBook book) {
        return new BookView(
                book.id(),
                book.version(),
                book.revision(),
                book.document(),
                PlanViews.of(book.document()),
                book.parent() == null ? null : book.change(),
                store.lastChild(book.id(), book.revision())
                        .map(BookStore.Child::change)
                        .orElse(null),
                book.onShelf(),
                book.step(),
                book.changedAt());
    }

    /** Keeps a new book; its name is made its own by a number if it is taken. */
    @Transactional
    public BookView create(BookDocument document, String change) {
        BookDocument checked =
                document.withName(BookDocuments.spec(document).title().name());
        BookDocument named = checked.withName(freeName(checked.name(), null));
        UUID id = UUID.randomUUID();
        store.insert(id, named, change);
        return view(id);
    }

    /**
     * Keeps a change.
     *
     * @param version the version that was changed
     * @param change what was changed, a few words
     * @throws ConflictException if the book is not at that version any more
     */
    @Transactional
    public BookView save(UUID id, long version, String change, BookDocument document) {
        StoredBook now = notRemoved(held(id));
        BookDocument named =
                document.withName(BookDocuments.spec(document).title().name());
        if (now.version() != version) {
            if (now.document().equals(named)) {
                return view(now);
            }
            throw new ConflictException(view(now), named);
        }
        if (store.nameTaken(named.name(), id)) {
            throw new UnfitValueException(
                    "name", "Another book is called “" + named.name() + "”; a name of its own is wanted.");
        }
        int number = store.nextRevision(id);
        String words = change.isBlank() ? "change" : change.substring(0, Math.min(change.length(), LONGEST_CHANGE));
        store.insertRevision(id, number, now.revision(), words, named);
        return moved(now, number, named);
    }

    /** Goes back to the revision before. */
    @Transactional
    public BookView undo(UUID id, long version) {
        StoredBook now = unchanged(id, version);
        Integer parent = now.parent();
        if (parent == null) {
            throw new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, "There is nothing to undo.");
        }
        return moved(now, parent, store.document(id, parent));
    }

    /** Does again what was undone last. */
    @Transactional
    public BookView redo(UUID id, long version) {
        StoredBook now = unchanged(id, version);
        BookStore.Child child = store.lastChild(id, now.revision())
                .orElseThrow(
                        () -> new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, "There is nothing to do again."));
        return moved(now, child.number(), store.document(id, child.number()));
    }

    /** A book that nobody else changes until this transaction ends. */
    private StoredBook held(UUID id) {
        store.hold(id);
        return stored(id);
    }

    private StoredBook unchanged(UUID id, long version) {
        StoredBook now = held(id);
        if (now.version() != version) {
            throw new ConflictException(view(now), now.document());
        }
        return now;
    }

    private BookView moved(StoredBook before, int revision, BookDocument document) {
        String name = store.nameTaken(document.name(), before.id())
                ? before.document().name()
                : document.name();
        if (!store.move(before.id(), before.version(), revision, name)) {
            throw new ConflictException(view(before.id()), document);
        }
        return view(before.id());
    }

    /** Makes a book like this one, with nothing done yet. */
    @Transactional
    public BookView copy(UUID id) {
        BookDocument document = notRemoved(stored(id)).document();
        BookDocument fresh = document.withDone(List.of());
        return create(fresh, "copied from “" + document.name() + "”");
    }

    /** Puts a book on the shelf or takes it back to the bench. */
    @Transactional
    public void shelve(UUID id, boolean onShelf) {
        found(store.shelve(id, onShelf));
    }

    /** Removes a book; it can be restored. */
    @Transactional
    public void remove(UUID id) {
        found(store.remove(id));
    }

    /** Brings a removed book back. */
    @Transactional
    public void restore(UUID id) {
        StoredBook book = held(id);
        if (!book.removed()) {
            return;
        }
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

    /** Forgets every book. */
    @Transactional
    public void clear() {
        store.clear();
    }

    /** Whether there was never a book here. */
    @Transactional(readOnly = true)
    public boolean empty() {
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
