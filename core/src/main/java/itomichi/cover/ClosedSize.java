package itomichi.cover;

import itomichi.measure.Length;

/**
 * The closed book in its cover, over all.
 *
 * @param front width of its front, as it is seen from there
 * @param width from the outside of the spine to the fore edge
 * @param height from head to tail
 * @param thickness where it is thickest
 */
public record ClosedSize(Length front, Length width, Length height, Length thickness) {}
