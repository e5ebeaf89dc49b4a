package itomichi.cover;

import itomichi.gathering.Back;
import itomichi.measure.Length;
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
 * @param pierced whether covers are pierced together with single sheets
 * @param sideEdge from the spine to the holes through the side
 * @param endsApart whether endpapers are sewn with it as sections of their own
 * @param sewing what of the sewing it has to do with
 */
public record CoverBase(
        SewnBlock block,
        Set<Covering> coverings,
        Back back,
        SewnOn sewnOn,
        Optional<SoftCover> soft,
        boolean pierced,
        Length sideEdge,
        boolean endsApart,
        SpineSewing sewing) {

    public CoverBase {
        coverings = Set.copyOf(coverings);
    }

    /** The same block, sewn so. */
    public CoverBase sewn(SpineSewing how) {
        return new CoverBase(block, coverings, back, sewnOn, soft, pierced, sideEdge, endsApart, how);
    }

    /** Whether the cover goes round one fold, and is folded once. */
    boolean oneFold() {
        return coverings.contains(Covering.ONE_FOLD);
    }

    /** Whether two sections are sewn into a pleat of it. */
    boolean pleated() {
        return coverings.contains(Covering.PLEAT);
    }

    /** Whether its spine is sewn through, row by row. */
    boolean sewnThrough() {
        return soft.isPresent() && coverings.contains(Covering.THROUGH_SPINE);
    }

    /** Whether front and back are bound in with single sheets. */
    boolean boundIn() {
        return pierced && coverings.contains(Covering.SIDE);
    }

    /** Whether it has no cover yet and may be covered so. */
    boolean takes(Covering covering) {
        return soft.isEmpty() && coverings.contains(covering);
    }
}
