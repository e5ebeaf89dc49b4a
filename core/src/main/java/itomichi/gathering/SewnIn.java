package itomichi.gathering;

import itomichi.measure.Length;

/**
 * The thread that comes to lie in the folds.
 *
 * @param diameter of one strand
 * @param strands 1, or 2 when it is doubled
 * @param left share of its thickness that stands out of the fold, by the hardness of the paper
 * @param twoOn whether two signatures share each length of thread, which halves what lies in them
 */
public record SewnIn(Length diameter, int strands, double left, boolean twoOn) {

    /** Swell of so many signatures, mm. */
    double swellMm(int signatures) {
        return signatures * strands * diameter.mm() * left / (twoOn ? 2 : 1);
    }

    public SewnIn withStrands(int number) {
        return new SewnIn(diameter, number, left, twoOn);
    }

    public SewnIn withTwoOn(boolean shared) {
        return new SewnIn(diameter, strands, left, shared);
    }

    public SewnIn withDiameter(Length other) {
        return new SewnIn(other, strands, left, twoOn);
    }
}
