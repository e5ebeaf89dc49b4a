package itomichi.server.book;

import org.jspecify.annotations.Nullable;

/**
 * A book as it is kept, and where it can go from there.
 *
 * @param redo what redoing would do again; null where there is nothing
 */
record KeptBook(StoredBook book, @Nullable String redo) {

    /** What undoing would undo; null where there is nothing. */
    @Nullable
    String undo() {
        return book.parent() == null ? null : book.change();
    }
}
