/**
 * The days at the bench: when what is done on which book, what is begun and ended, the calendar. Read
 * {@link itomichi.server.days.DaysService} first. Uses {@code book}, {@code document}, {@code plan}, {@code platform} and {@code sewing}.
 */
@NullMarked
package itomichi.server.days;

import org.jspecify.annotations.NullMarked;
