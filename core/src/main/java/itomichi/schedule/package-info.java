/**
 * How long the work takes at the bench.
 *
 * <p>Read {@link itomichi.schedule.BenchTime} first. Uses {@code finding}.
 */
@NullMarked
package itomichi.schedule;

import org.jspecify.annotations.NullMarked;
