/**
 * What came out: a book's page of the notebook, planned beside measured. Read {@link itomichi.notebook.NotebookPage} first. Uses
 * advice, book, cover, finding, measure, plan, schedule, spec.
 */
@NullMarked
package itomichi.notebook;

import org.jspecify.annotations.NullMarked;
