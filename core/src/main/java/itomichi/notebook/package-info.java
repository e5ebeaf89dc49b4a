/**
 * What came out: a book's page of the notebook, planned beside measured. Read {@link itomichi.notebook.NotebookPage} first. Uses
 * {@code book}, {@code cover}, {@code finding}, {@code measure}, {@code plan}, {@code schedule} and {@code spec}.
 */
@NullMarked
package itomichi.notebook;

import org.jspecify.annotations.NullMarked;
