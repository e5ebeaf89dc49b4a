/**
 * What is to be said of a book that was worked out, and the change that mends it.
 *
 * <p>Read {@link itomichi.remarks.Remarks} first; one file for each thing remarked on.
 *
 * <p>Uses measure, finding, material, gathering, cutting, station, punching, path, pattern, structure, cover, advice, spec, plan, pages.
 */
@NullMarked
package itomichi.remarks;

import org.jspecify.annotations.NullMarked;
