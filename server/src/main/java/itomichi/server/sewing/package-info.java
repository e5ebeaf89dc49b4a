/**
 * The place in the sewing. Uses {@code book}.
 */
@NullMarked
package itomichi.server.sewing;

import org.jspecify.annotations.NullMarked;
