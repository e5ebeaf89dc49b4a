/**
 * The whole workshop as one file, out and in again. Read {@link itomichi.server.archive.ArchiveService} first. What a table holds is checked
 * by the package that reads it ({@link itomichi.server.archive.RowCheck}). Uses {@code platform}.
 */
@NullMarked
package itomichi.server.archive;

import org.jspecify.annotations.NullMarked;
