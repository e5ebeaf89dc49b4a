/**
 * Writes drawings in the exchange format that cutting machines and drawing programs read. Uses {@code drawing}.
 */
@NullMarked
package itomichi.documents.dxf;

import org.jspecify.annotations.NullMarked;
