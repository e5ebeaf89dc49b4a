/**
 * Paper, thread and needles, each with how thick it is and why.
 *
 * <p>Read {@link itomichi.material.Paper} first.
 *
 * <p>Uses measure, finding, habit.
 */
@NullMarked
package itomichi.material;

import org.jspecify.annotations.NullMarked;
