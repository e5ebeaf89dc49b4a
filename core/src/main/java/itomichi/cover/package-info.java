/**
 * Sizes of covers, worked out from the sewn block.
 *
 * <p>Read {@link itomichi.cover.SoftCover} first.
 *
 * <p>Uses measure, finding.
 */
@NullMarked
package itomichi.cover;

import org.jspecify.annotations.NullMarked;
