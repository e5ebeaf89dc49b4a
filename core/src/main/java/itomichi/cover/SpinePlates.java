package itomichi.cover;

import itomichi.measure.Length;

/**
 * Stiff plates on a spine that is sewn through: the thread goes through them too.
 *
 * @param thick thickness of a plate; zero where there are none
 * @param grouped one under each group of long stitches, and nothing between them; else one along the whole spine
 */
public record SpinePlates(Length thick, boolean grouped) {

    /** No plates. */
    public static final SpinePlates NONE = new SpinePlates(Length.ZERO, false);
}
