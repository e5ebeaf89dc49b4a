/**
 * The books of a travelling marionette theatre. Uses {@code book}.
 */
@NullMarked
package itomichi.server.demo;

import org.jspecify.annotations.NullMarked;
