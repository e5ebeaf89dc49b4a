/**
 * A text laid on the sheets of a book, and these on a printer's. Read {@link itomichi.imposition.Imposition} first.
 *
 * <p>Uses finding, gathering, material, measure, pages, plan, punching, spec, station.
 */
@NullMarked
package itomichi.imposition;

import org.jspecify.annotations.NullMarked;
