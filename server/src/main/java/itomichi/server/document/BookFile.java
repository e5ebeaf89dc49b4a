package itomichi.server.document;

/**
 * A book in a file; described by {@code schema/book-8.json}.
 *
 * @param format always {@code itomichi-book}
 * @param version of the format, 8
 * @param book the book
 */
public record BookFile(String format, int version, BookDocument book) {

    public static final String FORMAT = "itomichi-book";
    public static final int VERSION = 9;
}
