package itomichi.server.sewing;

/**
 * Where the needle is.
 *
 * @param step moves done, 0 before the first
 * @param outsideUp whether the work is turned over: the outside of the fold, or the back of the block, faces the binder
 * @param planChanged whether the book was sewn this far by another path than its plan now has
 * @param strayed whether it is sewn by another way than planned since a wrong stitch was made good
 */
public record SewingPlace(int step, boolean outsideUp, boolean planChanged, boolean strayed) {}
