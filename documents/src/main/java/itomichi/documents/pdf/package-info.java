/**
 * Writes drawings as PDF. Uses {@code drawing} only.
 */
@NullMarked
package itomichi.documents.pdf;

import org.jspecify.annotations.NullMarked;
