/**
 * Templates that binders keep: what is on one, which books and covers it fits, how it differs from what a plan says now.
 *
 * <p>Read {@link itomichi.kept.KeptTemplate} first.
 *
 * <p>Uses measure, station, structure, spec, plan, book.
 */
@NullMarked
package itomichi.kept;

import org.jspecify.annotations.NullMarked;
