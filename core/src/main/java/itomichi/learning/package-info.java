/**
 * What finished books teach of a binder's habits: readings out of what came out of them, and what is to be expected of the next. Read
 * {@link itomichi.learning.Reading} first, then {@link itomichi.learning.Lesson}.
 *
 * <p>Uses advice, book, cover, finding, gathering, habit, material, measure, plan, schedule, spec.
 */
@NullMarked
package itomichi.learning;

import org.jspecify.annotations.NullMarked;
