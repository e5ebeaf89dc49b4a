package itomichi.path;

/**
 * Where a thread is: at a hole, on one of its faces.
 *
 * @param hole the hole
 * @param face the side of it
 */
public record Spot(Hole hole, Face face) {}
