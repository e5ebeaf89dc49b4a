/**
 * Lengths, paper weights and standard sheet sizes, read from what people type and shown as they would pencil them.
 *
 * <p>Read {@link itomichi.measure.Length} first. Every rounding for the eye happens in {@link itomichi.measure.Fineness}; nothing
 * that is stored is ever rounded by showing it.
 *
 * <p>Uses nothing.
 */
@NullMarked
package itomichi.measure;

import org.jspecify.annotations.NullMarked;
