/**
 * A book's text: taken in part by part, read and laid on sheets in a process of its own, printed. Read
 * {@link itomichi.server.imposing.ImpositionService} first. Uses {@code archive}, {@code book}, {@code document}, {@code plan} and
 * {@code printer}.
 */
@NullMarked
package itomichi.server.imposing;

import org.jspecify.annotations.NullMarked;
