package itomichi.plan;

import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.gathering.Sharing;
import itomichi.gathering.Split;
import itomichi.gathering.Splits;
import itomichi.measure.Length;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A split with its figures as the plan has them, for it is planned: the same that are shown once it is taken.
 *
 * @param split the split and what speaks for and against it
 * @param worked the book as it would then be
 */
public record PlannedSplit(Split split, WorkedBook worked) {

    /** More splits than this nobody compares. */
    private static final int SHOWN = 12;

    /** The splits worth comparing, the best first, and the one that the book has; empty where its sheets are not folded. */
    public static List<PlannedSplit> of(BookSpec spec) {
        Optional<Sharing> taken = Gatherer.gather(spec).folded().map(Gathered.InSignatures::sharing);
        if (taken.isEmpty()) {
            return List.of();
        }
        List<Split> ranked = Gatherer.splits(spec);
        List<Split> shown = new ArrayList<>(Splits.shown(ranked, SHOWN));
        ranked.stream()
                .filter(split -> split.sharing().equals(taken.get()) && !shown.contains(split))
                .forEach(shown::add);
        return shown.stream()
                .map(split -> new PlannedSplit(
                        split,
                        WorkedBook.of(spec.withGathering(
                                spec.gathering().withChosen(Optional.of(GatherWish.Chosen.of(split)))))))
                .toList();
    }

    /** The signatures as they would be. */
    public Gathered.InSignatures folded() {
        return worked.gathered().folded().orElseThrow();
    }

    /** Holes to make, those of a cover with them. */
    public int holes() {
        return worked.holes().map(made -> made.list().holes()).orElse(0);
    }

    /** Thread to cut; by the rule of thumb where it cannot be sewn as it is. */
    public Length thread() {
        return Figures.thread(worked).map(Working::length).orElse(Length.ZERO);
    }

    /** Time at the bench. */
    public Working time() {
        return worked.time();
    }
}
