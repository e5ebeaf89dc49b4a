package itomichi.gathering;

import itomichi.measure.Length;

/**
 * The thread that comes to lie in the folds.
 *
 * @param diameter of one strand
 * @param strands 1, or 2 when it is doubled
 * @param left share of its thickness that stands out of the fold, by the hardness of the paper
 */
public record SewnIn(Length diameter, int strands, double left) {

    /** Swell where so many threads lie side by side in the folds, mm. */
    double swellMm(int threads) {
        return threads * strands * diameter.mm() * left;
    }
}
