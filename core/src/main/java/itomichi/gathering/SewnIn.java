package itomichi.gathering;

import itomichi.finding.Quantity;
import itomichi.finding.Working;
import itomichi.habit.Habit;
import itomichi.habit.Habit.Kind;
import itomichi.habit.Learned;
import itomichi.habit.Taught;
import itomichi.material.BulkKind;
import itomichi.measure.Length;
import java.util.Optional;

/**
 * The thread that comes to lie in the folds.
 *
 * @param diameter of one strand
 * @param strands 1, or 2 when it is doubled
 * @param paper whose folds it sinks into
 * @param taught what was learned of how far it does and taken
 */
public record SewnIn(Length diameter, int strands, BulkKind paper, Optional<Taught> taught) {

    private static final int PERCENT = 100;

    /** In a book into which so much was taken of what finished ones taught. */
    public static SewnIn of(Length diameter, int strands, BulkKind paper, Learned learned) {
        return new SewnIn(diameter, strands, paper, learned.of(habit(paper)));
    }

    private static Habit habit(BulkKind paper) {
        return Habit.sink(paper.hardness());
    }

    /** The habit of thread in such paper. */
    public Habit habit() {
        return habit(paper);
    }

    /** Share of its thickness that stands out of the fold, by the hardness of the paper. */
    public double left() {
        return taught.map(Taught::asShares).map(Taught::middle).orElse(paper.threadLeft());
    }

    /** Swell where so many threads lie side by side in the folds, as far as they do not sink in, mm. */
    double swellMm(int threads) {
        return threads * strands * diameter.mm() * left();
    }

    /** Tells a working how far it sinks in, and where that comes from. */
    Working.Builder told(Working.Builder working) {
        working.with("q", "share of it that does not sink in", Quantity.ratio(left(), 2));
        return Taught.tell(working, Kind.SINK, taught, paper.threadLeft() * PERCENT);
    }
}
