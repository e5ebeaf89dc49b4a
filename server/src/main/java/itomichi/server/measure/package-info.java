/**
 * Reads typed measures and lists what can be chosen.
 */
@NullMarked
package itomichi.server.measure;

import org.jspecify.annotations.NullMarked;
