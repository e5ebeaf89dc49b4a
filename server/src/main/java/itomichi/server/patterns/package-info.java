/**
 * The binder's own patterns: kept, read from text, looked over, bound into books. Uses {@code document}, {@code plan} and {@code book}.
 */
@NullMarked
package itomichi.server.patterns;

import org.jspecify.annotations.NullMarked;
