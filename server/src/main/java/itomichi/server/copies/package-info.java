/**
 * The copies of a book, one by one: what is done of each, which were spoilt, and a slip for each. Read
 * {@link itomichi.server.copies.CopiesService} first. Uses {@code archive}, {@code book}, {@code document}, {@code plan}, {@code platform},
 * {@code printer}, {@code template}.
 */
@NullMarked
package itomichi.server.copies;

import org.jspecify.annotations.NullMarked;
