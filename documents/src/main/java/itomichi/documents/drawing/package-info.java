/**
 * Pages of lines, circles and words in millimetres, knowing nothing of any file format. Read {@link itomichi.documents.drawing.Drawing} first.
 */
@NullMarked
package itomichi.documents.drawing;

import org.jspecify.annotations.NullMarked;
