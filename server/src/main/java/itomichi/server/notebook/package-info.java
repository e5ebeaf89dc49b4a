/**
 * The notebook: a page for each book with what was planned beside what came out, notes and pictures. Read
 * {@link itomichi.server.notebook.NotebookService} first. Uses {@code book}, {@code days}, {@code lookover}, {@code drawer}, {@code plan},
 * {@code platform} and {@code template}.
 */
@NullMarked
package itomichi.server.notebook;

import org.jspecify.annotations.NullMarked;
