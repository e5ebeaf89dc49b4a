package itomichi.gathering;

import java.util.Optional;

/**
 * What a binder prefers of a split into signatures.
 *
 * @param odd whether an odd number of signatures is preferred, so that one is the middle
 * @param signatures exactly so many
 * @param sheetsEach exactly so many sheets in each
 * @param mostSheets at most so many sheets in each
 * @param endpapersApart whether a folded sheet before and one behind are sewn as sections of their own
 */
public record SplitWish(
        boolean odd,
        Optional<Integer> signatures,
        Optional<Integer> sheetsEach,
        Optional<Integer> mostSheets,
        boolean endpapersApart) {

    /** No preference. */
    public static final SplitWish NONE =
            new SplitWish(false, Optional.empty(), Optional.empty(), Optional.empty(), false);
}
