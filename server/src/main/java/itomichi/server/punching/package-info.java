/**
 * What of a book's list is punched. Uses {@code book}.
 */
@NullMarked
package itomichi.server.punching;

import org.jspecify.annotations.NullMarked;
