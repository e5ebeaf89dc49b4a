/**
 * The sewing written out, a hand's move at a time: words, warnings, thread used and left.
 *
 * <p>Read {@link itomichi.steps.StepLines} first.
 *
 * <p>Uses measure, material, station, path, structure, spec, plan.
 */
@NullMarked
package itomichi.steps;

import org.jspecify.annotations.NullMarked;
