/**
 * The book as it travels and is kept: the same shape in the database, over HTTP and in a book file. Read {@link itomichi.server.document.BookDocument} first.
 */
@NullMarked
package itomichi.server.document;

import org.jspecify.annotations.NullMarked;
