/**
 * Writes drawings as SVG. Uses {@code drawing} only.
 */
@NullMarked
package itomichi.documents.svg;

import org.jspecify.annotations.NullMarked;
