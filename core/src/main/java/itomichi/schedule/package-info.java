/**
 * How long the work takes at the bench, and when it is done.
 *
 * <p>Read {@link itomichi.schedule.Task} and {@link itomichi.schedule.Scheduler} first.
 *
 * <p>Uses measure, finding, habit.
 */
@NullMarked
package itomichi.schedule;

import org.jspecify.annotations.NullMarked;
