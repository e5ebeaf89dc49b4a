package itomichi.path;

import itomichi.measure.Length;
import java.util.Set;

/**
 * What lies along or beside the spine and is sewn on with it.
 *
 * @param taped the stations after which a tape lies, up to the next station
 * @param tape thickness of a tape
 * @param cord diameter of the cord along the fold
 * @param board thickness of a board that is sewn on
 * @param boardHole from the spine edge of a board to its holes
 * @param plated the stations under a plate on the spine, which the thread goes through too
 * @param plate thickness of such a plate
 */
public record Supports(
        Set<Integer> taped,
        Length tape,
        Length cord,
        Length board,
        Length boardHole,
        Set<Integer> plated,
        Length plate) {

    /** Nothing at all. */
    public static final Supports NONE =
            new Supports(Set.of(), Length.ZERO, Length.ZERO, Length.ZERO, Length.ZERO, Set.of(), Length.ZERO);

    public Supports {
        taped = Set.copyOf(taped);
        plated = Set.copyOf(plated);
    }

    /** What a plate adds to a pass at a station, mm; 0 where none lies. */
    public double plateMm(int station) {
        return plated.contains(station) ? plate.mm() : 0;
    }

    /** What a tape between these neighbouring stations lifts a thread by, mm; 0 where none lies there. */
    double liftMm(Run run) {
        if (taped.isEmpty() || run.face() != Face.OUTSIDE) {
            return 0;
        }
        int low = Math.min(run.from().station(), run.to().station());
        int high = Math.max(run.from().station(), run.to().station());
        return high == low + 1 && taped.contains(low) ? tape.mm() : 0;
    }
}
