package itomichi.server.book;

import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.PlanViews;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Books and what is done with them. Every change is kept as a revision; none overwrites another unseen. What is planned is planned before
 * or after the transaction ({@link BookKeeping}), never in it.
 */
@Service
public class BookService {

    /** Cards that are listed at once. */
    private static final int PART = 48;

    private final BookKeeping keeping;

    BookService(BookKeeping keeping) {
        this.keeping = keeping;
    }

    /**
     * A part of the books on the bench or the shelf whose name or purpose holds the text, the last changed first.
     *
     * @param from how many come before this part
     */
    public BenchView bench(String find, boolean onShelf, int from) {
        CardStore.Part part = keeping.part(find, onShelf, Math.max(0, from), PART);
        List<BookCard> shown = new ArrayList<>();
        List<CardStore.MadeCard> made = new ArrayList<>();
        for (CardStore.Listed listed : part.listed()) {
            BookCard card = listed.match(kept -> kept, book -> {
                BookCard fresh = BookCards.of(book);
                made.add(new CardStore.MadeCard(book.step(), fresh));
                return fresh;
            });
            shown.add(card);
        }
        if (!made.isEmpty()) {
            keeping.keepCards(made);
        }
        return new BenchView(shown, part.all());
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
        StoredBook book = kept.book();
        return new BookView(
                book.id(),
                book.version(),
                book.revision(),
                book.document(),
                PlanViews.of(book.document()),
                kept.undo(),
                kept.redo(),
                book.onShelf(),
                book.step(),
                book.changedAt());
    }

    /** Keeps a new book; its name is made its own by a number if it is taken. */
    public BookView create(BookDocument document, String change) {
        return view(keeping.create(checked(document), change));
    }

    /**
     * Keeps a change.
     *
     * @param version the version that was changed
     * @param change what was changed, a few words
     * @throws ConflictException if the book is not at that version any more
     */
    public BookView save(UUID id, long version, String change, BookDocument document) {
        return view(keeping.save(id, version, change, checked(document)));
    }

    /** The document with its name as it is read; what no book can be is refused. */
    private static BookDocument checked(BookDocument document) {
        return document.withName(BookDocuments.spec(document).title().name());
    }

    /** Goes back to the revision before. */
    public BookView undo(UUID id, long version) {
        return view(keeping.undo(id, version));
    }

    /** Does again what was undone last. */
    public BookView redo(UUID id, long version) {
        return view(keeping.redo(id, version));
    }

    /** Makes a book like this one, with nothing done yet. */
    public BookView copy(UUID id) {
        BookDocument document = keeping.kept(id).book().document();
        return create(document.withDone(List.of()), "copied from “" + document.name() + "”");
    }

    /** Puts a book on the shelf or takes it back to the bench. */
    public void shelve(UUID id, boolean onShelf) {
        keeping.shelve(id, onShelf);
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
