/**
 * Turns plans into drawings to be printed. Read {@link itomichi.documents.sheets.TemplateSheet} first. Uses the core and {@code drawing}.
 */
@NullMarked
package itomichi.documents.sheets;

import org.jspecify.annotations.NullMarked;
