/**
 * Covers: what is cut for each kind, how it is drawn, in which order it is made.
 *
 * <p>Read {@link itomichi.cover.CoverKind} first, then {@link itomichi.cover.FlatCase}.
 *
 * <p>Uses measure, finding, gathering, material, schedule, structure.
 */
@NullMarked
package itomichi.cover;

import org.jspecify.annotations.NullMarked;
