package itomichi.server.book;

import java.util.List;

/**
 * A part of the bench or the shelf, the last changed first.
 *
 * @param books the cards of this part
 * @param all how many books there are
 */
public record BenchView(List<BookCard> books, int all) {}
