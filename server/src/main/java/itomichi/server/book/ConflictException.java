package itomichi.server.book;

import itomichi.server.document.BookDocument;

/** Somebody changed the book in between, in another window. */
public final class ConflictException extends RuntimeException {

    private final transient KeptBook theirs;
    private final transient BookDocument yours;

    ConflictException(KeptBook theirs, BookDocument yours) {
        super("“" + theirs.book().document().name() + "” was changed in another window: " + theirs.undo());
        this.theirs = theirs;
        this.yours = yours;
    }

    /** What happened, in one line. */
    public String line() {
        return String.valueOf(getMessage());
    }

    KeptBook theirs() {
        return theirs;
    }

    BookDocument yours() {
        return yours;
    }
}
