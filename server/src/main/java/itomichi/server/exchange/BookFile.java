package itomichi.server.exchange;

import itomichi.server.document.BookDocument;

/**
 * A book in a file; described by {@code schema/book-4.json}.
 *
 * @param format always {@code itomichi-book}
 * @param version of the format, 4
 * @param book the book
 */
record BookFile(String format, int version, BookDocument book) {

    static final String FORMAT = "itomichi-book";
    static final int VERSION = 4;
}
