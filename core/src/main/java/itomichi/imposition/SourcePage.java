package itomichi.imposition;

import itomichi.measure.Length;

/**
 * A page of a text, as it is seen: turned as its file says, cut to what its file says is seen of it.
 *
 * @param width from left to right
 * @param height from head to tail
 */
public record SourcePage(Length width, Length height) {}
