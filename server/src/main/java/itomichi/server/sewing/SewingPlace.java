package itomichi.server.sewing;

/**
 * Where the needle is.
 *
 * @param step moves done, 0 before the first
 * @param outsideUp whether the outside faces the binder
 * @param planChanged whether the book was sewn this far by another path than its plan now has
 */
public record SewingPlace(int step, boolean outsideUp, boolean planChanged) {}
