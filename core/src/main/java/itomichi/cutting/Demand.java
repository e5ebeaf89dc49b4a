package itomichi.cutting;

import itomichi.measure.Length;

/**
 * Sheets of one size that are wanted.
 *
 * @param width across the fold
 * @param height along the fold, which is where the grain should run
 * @param number how many, at least one
 */
public record Demand(Length width, Length height, int number) {

    double areaMm2() {
        return width.mm() * height.mm();
    }
}
