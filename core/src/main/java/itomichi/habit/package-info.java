/**
 * What comes out alike whenever the same hands do it, and what finished books taught of it, as it was taken into a book. Read
 * {@link itomichi.habit.Learned} first. How it is read out of books stands in {@code learning}, at the end of the road.
 *
 * <p>Uses measure, finding.
 */
@NullMarked
package itomichi.habit;

import org.jspecify.annotations.NullMarked;
