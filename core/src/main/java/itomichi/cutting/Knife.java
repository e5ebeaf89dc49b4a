package itomichi.cutting;

import itomichi.measure.Length;
import java.util.Optional;

/**
 * What a binder cuts with.
 *
 * @param reach the longest cut it makes; nothing where a rule is laid on and cut along, however far
 * @param leastStrip no cut leaves a strip narrower than this, unless it leaves none
 */
public record Knife(Optional<Length> reach, Length leastStrip) {

    /** A knife along a rule, which leaves any strip. */
    public static final Knife ALONG_A_RULE = new Knife(Optional.empty(), Length.ZERO);

    boolean reaches(long cut) {
        return reach.map(longest -> cut <= longest.micrometres()).orElse(true);
    }

    boolean leaves(long strip) {
        return strip == 0 || strip >= leastStrip.micrometres();
    }
}
