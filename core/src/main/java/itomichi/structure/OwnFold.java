package itomichi.structure;

import itomichi.gathering.Form;

/** A pattern of the binder's own through folds; how it is sewn follows from the pattern. */
final class OwnFold extends Described {

    OwnFold() {
        super(
                Structure.OWN_FOLD,
                "Own pattern, through the fold",
                "A pattern of your own through each fold; every signature is sewn by itself through the cover.",
                Form.between(1, 7),
                Skill.SOME_PRACTICE,
                0,
                5,
                Holing.stations(2).rowsFor(Holing.RowsFor.EACH_SIGNATURE),
                true);
        judge(Need.WRITE, 1, "each fold opens like a pamphlet");
        judge(Need.WET_MEDIA, -1, "wet sheets cockle in a fold");
        judge(Need.PASTE_IN, -1, "little room at the spine");
        judge(Need.CARRY, 1, "a soft cover that bends");
        judge(Need.LIE_FLAT, 1, "lies flat at the middle of each signature");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return new ThumbRule(
                2.5 * signatures, 6.0 * signatures, "2.5 heights for each signature, more for a rich pattern");
    }
}
