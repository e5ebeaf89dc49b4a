/**
 * Templates that were kept: found again by what they fit, laid on a book, printed together on one card. Read
 * {@link itomichi.server.kept.KeptTemplates} first. Uses {@code book}, {@code template} and {@code printer}.
 */
@NullMarked
package itomichi.server.kept;

import org.jspecify.annotations.NullMarked;
