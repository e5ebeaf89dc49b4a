package itomichi.structure;

import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Stitch;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.function.IntUnaryOperator;

/**
 * How many threads lie side by side in the folds of so many signatures, at the place along the spine where most lie: what makes its swell.
 *
 * <p>They are counted from what the way of sewing leaves. Every way comes back to where it was after four signatures (there and back, two
 * on a length), so that the count of many follows from that of few.
 */
public final class FoldThreads implements IntUnaryOperator {

    private static final int PERIOD = 4;
    /** The ends of a book may be sewn otherwise; these many signatures hold both ends and a middle. */
    private static final int COUNTED = 12;

    private final Stitching stitching;
    private final Stitching.Choice choice;
    private final Map<Integer, Integer> counted = new HashMap<>();

    /** @param choice how it is sewn; its number of signatures does not count */
    public FoldThreads(Stitching stitching, Stitching.Choice choice) {
        this.stitching = stitching;
        this.choice = choice;
    }

    /**
     * Threads in the folds of a book.
     *
     * @param signatures at least 1
     */
    @Override
    public int applyAsInt(int signatures) {
        if (signatures < COUNTED) {
            return count(signatures);
        }
        int alike = COUNTED - PERIOD + signatures % PERIOD;
        int each = count(alike) - count(alike - PERIOD);
        return count(alike) + (signatures - alike) / PERIOD * each;
    }

    private int count(int signatures) {
        return counted.computeIfAbsent(signatures, this::fromPattern);
    }

    private int fromPattern(int signatures) {
        StitchPattern pattern = stitching.pattern(choice.withSignatures(stitching.sewnAtOnce() ? 1 : signatures));
        int last = pattern.holes().stream().mapToInt(Hole::station).max().orElse(0);
        int[] inGap = new int[last + 1];
        for (Stitch stitch : pattern.stitches()) {
            if (liesInFold(stitch)) {
                int low = Math.min(stitch.first().station(), stitch.second().station());
                int high = Math.max(stitch.first().station(), stitch.second().station());
                for (int gap = low; gap < high; gap++) {
                    inGap[gap]++;
                }
            }
        }
        return Arrays.stream(inGap).max().orElse(0);
    }

    /** Where two sections are pierced as one, what is outside the first lies in the fold of the second. */
    private boolean liesInFold(Stitch stitch) {
        boolean inside = stitch.face() == Face.INSIDE || stitching.sewnAtOnce();
        return inside && stitch.first().signature() == stitch.second().signature();
    }
}
