package itomichi.cover;

import itomichi.measure.Length;

/**
 * Size of a soft cover opened flat, its edges as they are when it is sewn on.
 *
 * @param width from edge to edge
 * @param height from head to tail
 * @param spineLeft from its left edge, seen from outside, to its spine
 */
public record CoverSize(Length width, Length height, Length spineLeft) {}
