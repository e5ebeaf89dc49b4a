/**
 * What finished books teach: readings of the notebook by habit, with what is to be expected of the next. Read
 * {@link itomichi.server.learned.LearnedService} first, then {@link itomichi.server.learned.TakingService}, which takes them into books
 * in work. Uses {@code book}, {@code document}, {@code notebook}, {@code plan} and {@code platform}.
 */
@NullMarked
package itomichi.server.learned;

import org.jspecify.annotations.NullMarked;
