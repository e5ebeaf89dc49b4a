/**
 * Books, their revisions, the bench. Read {@link itomichi.server.book.BookService} first. Uses {@code plan} and {@code document}.
 */
@NullMarked
package itomichi.server.book;

import org.jspecify.annotations.NullMarked;
