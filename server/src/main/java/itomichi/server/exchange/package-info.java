/**
 * Books saved to and loaded from files. Uses {@code book} and {@code document}.
 */
@NullMarked
package itomichi.server.exchange;

import org.jspecify.annotations.NullMarked;
