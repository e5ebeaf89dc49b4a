/**
 * The thread's way: moves through and along the holes, their lengths, their trace in space, the notation that writes them down, and
 * checks that know nothing of how a path was made.
 *
 * <p>Read {@link itomichi.path.Move} first, then {@link itomichi.path.ThreadPath} and {@link itomichi.path.PathCheck}. A new kind of move is
 * one record that says where it starts, where it ends, how long it is and how it lies.
 *
 * <p>Uses measure, finding, station.
 */
@NullMarked
package itomichi.path;

import org.jspecify.annotations.NullMarked;
