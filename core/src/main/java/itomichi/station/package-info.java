/**
 * Where holes go: along a fold, across a spine, through the side of a block; and what is wrong with their places.
 *
 * <p>Read {@link itomichi.station.Stations} and {@link itomichi.station.StationScheme} first, then {@link itomichi.station.RowScheme} and
 * {@link itomichi.station.SideScheme}.
 *
 * <p>Uses measure.
 */
@NullMarked
package itomichi.station;

import org.jspecify.annotations.NullMarked;
