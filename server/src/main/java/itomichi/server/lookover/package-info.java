/**
 * Looking a book over: what is seen and measured at the end of each stage, kept with the book. Read
 * {@link itomichi.server.lookover.LookService} first. Uses {@code book}, {@code plan}, {@code platform} and {@code template}.
 */
@NullMarked
package itomichi.server.lookover;

import org.jspecify.annotations.NullMarked;
