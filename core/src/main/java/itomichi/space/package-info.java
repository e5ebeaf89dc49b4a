/**
 * A book as it will be, in space: where its sheets, its cover and its thread lie, in numbers that a picture is made of. Read
 * {@link itomichi.space.BookInSpace} first.
 *
 * <p>Uses measure, finding, gathering, station, punching, path, structure, cover, spec, plan, pages.
 */
package itomichi.space;
