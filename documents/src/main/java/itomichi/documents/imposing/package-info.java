/**
 * Reads PDF files that somebody brought and lays their pages on sheets, in a process of its own: whatever such a file does to whoever
 * reads it, it does there. Read {@link itomichi.documents.imposing.ImposingProcess} first. Knows nothing of the trade.
 */
@NullMarked
package itomichi.documents.imposing;

import org.jspecify.annotations.NullMarked;
