package itomichi.gathering;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.measure.Length;

/**
 * The thread that comes to lie in the folds.
 *
 * @param diameter of one strand
 * @param strands 1, or 2 when it is doubled
 * @param left share of its thickness that stands out of the fold, by the hardness of the paper
 * @param twoOn whether two signatures share each length of thread, which halves what lies in them
 */
@RecordBuilder
public record SewnIn(Length diameter, int strands, double left, boolean twoOn) implements SewnInBuilder.With {

    /** Swell of so many signatures, mm. */
    double swellMm(int signatures) {
        return signatures * strands * diameter.mm() * left / (twoOn ? 2 : 1);
    }
}
