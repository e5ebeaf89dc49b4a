/**
 * Looking the work over: what is seen and measured at the end of each stage, what can still be done, what it costs later.
 *
 * <p>Read {@link itomichi.lookover.LookOver} first.
 *
 * <p>Uses measure, finding, gathering, cutting, station, path, structure, cover, plan, book.
 */
@NullMarked
package itomichi.lookover;

import org.jspecify.annotations.NullMarked;
