/**
 * Where the holes go along a fold.
 *
 * <p>Read {@link itomichi.station.Stations} first, then {@link itomichi.station.StationScheme}. Uses {@code measure}.
 */
@NullMarked
package itomichi.station;

import org.jspecify.annotations.NullMarked;
