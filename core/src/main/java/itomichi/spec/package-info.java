/**
 * What a binder wants of a book, before anything is worked out.
 *
 * <p>Read {@link itomichi.spec.BookSpec} first. Records only hold what is wanted; the {@code …Limits} refuse what no book can have, with one
 * line; what a structure makes of a wish is asked of {@link itomichi.structure.Structure}.
 *
 * <p>Uses measure, finding, habit, material, gathering, cutting, station, path, structure, cover, advice.
 */
@NullMarked
package itomichi.spec;

import org.jspecify.annotations.NullMarked;
