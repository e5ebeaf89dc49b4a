/**
 * What is to be known when one comes to the bench. Uses {@code book}, {@code days}, {@code plan}, {@code sewing} and {@code supply}.
 */
@NullMarked
package itomichi.server.bench;

import org.jspecify.annotations.NullMarked;
