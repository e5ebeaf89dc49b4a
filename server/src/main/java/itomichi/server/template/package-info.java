/**
 * The template sheet and the printer's correction. Uses {@code book}.
 */
@NullMarked
package itomichi.server.template;

import org.jspecify.annotations.NullMarked;
