/**
 * Sizes of covers, worked out from the sewn block.
 *
 * <p>Read {@link itomichi.cover.SoftCover} first. Uses {@code finding} and {@code measure}.
 */
@NullMarked
package itomichi.cover;

import org.jspecify.annotations.NullMarked;
