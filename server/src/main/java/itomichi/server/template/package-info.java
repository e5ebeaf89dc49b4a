/**
 * Sheets of a book, to be printed or cut. Uses {@code book} and {@code printer}.
 */
@NullMarked
package itomichi.server.template;

import org.jspecify.annotations.NullMarked;
