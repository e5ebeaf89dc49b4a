package itomichi.cover;

import itomichi.gathering.Back;
import itomichi.structure.Covering;
import itomichi.structure.Stitching.SewnOn;
import java.util.Optional;
import java.util.Set;

/**
 * What a cover is made to.
 *
 * @param block the sewn block
 * @param coverings how a cover may come on to it
 * @param back left flat, or rounded
 * @param sewnOn what is sewn on with it
 * @param soft the soft cover that it is sewn through; nothing where there is none
 * @param endsApart whether endpapers are sewn with it as sections of their own
 */
public record CoverBase(
        SewnBlock block,
        Set<Covering> coverings,
        Back back,
        SewnOn sewnOn,
        Optional<SoftCover> soft,
        boolean endsApart) {

    public CoverBase {
        coverings = Set.copyOf(coverings);
    }

    /** Whether the cover goes round one fold, and is folded once. */
    boolean oneFold() {
        return coverings.contains(Covering.ONE_FOLD);
    }

    /** Whether it has no cover yet and may be covered so. */
    boolean takes(Covering covering) {
        return soft.isEmpty() && coverings.contains(covering);
    }
}
