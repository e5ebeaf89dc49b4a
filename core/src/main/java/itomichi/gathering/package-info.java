/**
 * From pages to sheets to a folded signature: how many, how thick, how far the inner sheets creep.
 *
 * <p>Read {@link itomichi.gathering.Signature} first.
 *
 * <p>Uses measure, finding, habit, material.
 */
@NullMarked
package itomichi.gathering;

import org.jspecify.annotations.NullMarked;
