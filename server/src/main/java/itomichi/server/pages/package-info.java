/**
 * Which page lies where, and what was ticked off while gathering. Read {@link itomichi.server.pages.PagesController} first. Uses
 * {@code book}, {@code document}, {@code plan}, {@code punching} and {@code template}.
 */
@NullMarked
package itomichi.server.pages;

import org.jspecify.annotations.NullMarked;
