package itomichi.gathering;

import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.habit.Habit;
import itomichi.habit.Learned;
import itomichi.habit.Taught;
import itomichi.material.BulkKind;
import itomichi.measure.Length;

/**
 * The thread that comes to lie in the folds.
 *
 * @param diameter of one strand
 * @param strands 1, or 2 when it is doubled
 * @param paper whose folds it sinks into
 * @param learned what was taken into the book of how far it does
 */
public record SewnIn(Length diameter, int strands, BulkKind paper, Learned learned) {

    /** The habit of thread in such paper. */
    public Habit habit() {
        return Habit.sink(paper.hardness());
    }

    /** Share of its thickness that stands out of the fold, by the hardness of the paper. */
    public double left() {
        return learned.of(habit()).map(Taught::asShares).map(Taught::middle).orElse(paper.threadLeft());
    }

    /** Swell where so many threads lie side by side in the folds, as far as they do not sink in, mm. */
    double swellMm(int threads) {
        return threads * strands * diameter.mm() * left();
    }

    /** Tells a working how far it sinks in, and where that comes from. */
    Working.Builder told(Working.Builder working) {
        working.with("q", "share of it that does not sink in", Quantity.ratio(left(), 2))
                .from(Source.COMMON_PRACTICE);
        learned.of(habit())
                .ifPresent(taught ->
                        working.from(Source.LEARNED).note(taught.told(habit().kind(), paper.threadLeft() * 100)));
        return working;
    }
}
