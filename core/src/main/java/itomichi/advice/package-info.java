/**
 * Which structure suits a book, from what it has to do.
 *
 * <p>Read {@link itomichi.advice.Advice} first. Uses {@code structure} and {@code gathering}.
 */
@NullMarked
package itomichi.advice;

import org.jspecify.annotations.NullMarked;
