/**
 * What the plan has to say: figures with the sum that gave them, and remarks with a change that mends them.
 *
 * <p>Read {@link itomichi.finding.Working} first: a figure's value is worked out from its formula and terms, so that what is shown and
 * what is explained cannot disagree.
 *
 * <p>Uses measure.
 */
@NullMarked
package itomichi.finding;

import org.jspecify.annotations.NullMarked;
