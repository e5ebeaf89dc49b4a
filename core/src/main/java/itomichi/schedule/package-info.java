/**
 * How long the work takes at the bench.
 *
 * <p>Read {@link itomichi.schedule.WorkTime} first.
 *
 * <p>Uses measure, finding.
 */
@NullMarked
package itomichi.schedule;

import org.jspecify.annotations.NullMarked;
