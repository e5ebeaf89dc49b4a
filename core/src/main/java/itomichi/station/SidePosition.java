package itomichi.station;

import itomichi.measure.Length;

/**
 * A place on the side of a block, or along a fold where the distance from the spine is nought.
 *
 * @param fromHead along the spine, from the head
 * @param fromSpine from the spine edge
 */
public record SidePosition(Length fromHead, Length fromSpine) {}
