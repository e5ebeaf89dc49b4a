/**
 * A binder's own patterns: holes, and the stitches that are to show on each face.
 *
 * <p>Read {@link itomichi.pattern.OwnPattern} first. {@link itomichi.pattern.PatternText} writes and reads one as text, {@link
 * itomichi.pattern.PatternOrder} finds how it is sewn, or what is wanted besides.
 *
 * <p>Uses measure, station, path, order.
 */
@NullMarked
package itomichi.pattern;

import org.jspecify.annotations.NullMarked;
