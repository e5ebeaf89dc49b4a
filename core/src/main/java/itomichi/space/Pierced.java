package itomichi.space;

import itomichi.path.Point3;

/**
 * A hole, from where it opens outside to where it opens inside.
 *
 * @param signature of the fold it goes through, from 1
 * @param station its number
 * @param from the middle of its one end
 * @param to the middle of its other end
 * @param wideMm its width
 */
public record Pierced(int signature, int station, Point3 from, Point3 to, double wideMm) {}
