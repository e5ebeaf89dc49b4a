package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.measure.Length;
import itomichi.station.StationScheme;
import java.util.Optional;

/** A pattern of the binder's own through folds; how it is sewn follows from the pattern. */
final class OwnFold extends Described {

    OwnFold() {
        super(Description.of("own-fold", "Own pattern, through the fold")
                .purpose(
                        "A pattern of your own through each fold; every signature is sewn by itself through the cover.")
                .form(Form.between(1, 7))
                .skill(Skill.SOME_PRACTICE)
                .inNumber(0)
                .holes(5, Holing.stations(2).rowsFor(Holing.RowsFor.EACH_SIGNATURE))
                .covered(Covering.THROUGH_SPINE));
        judge(Need.WRITE, 1, "each fold opens like a pamphlet");
        judge(Need.WET_MEDIA, -1, "wet sheets cockle in a fold");
        judge(Need.PASTE_IN, -1, "little room at the spine");
        judge(Need.CARRY, 1, "a soft cover that bends");
        judge(Need.LIE_FLAT, 1, "lies flat at the middle of each signature");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public boolean wantsPattern() {
        return true;
    }

    @Override
    public boolean takesPattern(boolean side) {
        return !side;
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return taken(own).map(Stitching.class::cast);
    }

    private static Optional<OwnStitching> taken(Optional<OwnStitching> own) {
        return own.filter(sewn -> !sewn.pattern().side());
    }

    /** Where the pattern has them, unless as many were placed by hand. */
    @Override
    public StationScheme stations(StationScheme wanted, Optional<OwnStitching> own, Length height) {
        return taken(own)
                .map(OwnStitching::pattern)
                .filter(pattern ->
                        !wanted.byHand() || wanted.count() != pattern.places().size())
                .<StationScheme>map(pattern -> new StationScheme.Placed(pattern.stations(height)))
                .orElse(wanted);
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return new ThumbRule(
                2.5 * signatures, 6.0 * signatures, "2.5 heights for each signature, more for a rich pattern");
    }
}
