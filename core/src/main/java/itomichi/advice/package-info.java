/**
 * Which structure suits a book, from what it has to do.
 *
 * <p>Read {@link itomichi.advice.Advice} first.
 *
 * <p>Uses measure, gathering, structure.
 */
@NullMarked
package itomichi.advice;

import org.jspecify.annotations.NullMarked;
