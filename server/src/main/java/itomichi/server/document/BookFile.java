package itomichi.server.document;

/**
 * A book in a file; described by {@code schema/book-10.json}.
 *
 * @param format always {@code itomichi-book}
 * @param version of the format, 10
 * @param book the book
 */
public record BookFile(String format, int version, BookDocument book) {

    public static final String FORMAT = "itomichi-book";
    public static final int VERSION = 10;
}
