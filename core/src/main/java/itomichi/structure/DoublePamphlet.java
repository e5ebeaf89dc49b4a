package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Optional;

/** Two signatures sewn at once, back to back through a pleat. */
final class DoublePamphlet extends Described {

    private static final Stitching SEWN = new Woven("a double pamphlet", true);

    DoublePamphlet() {
        super(Description.of("double-pamphlet", "Double pamphlet")
                .purpose(
                        "Two sections sewn at once back to back through a pleated cover; two notebooks that open from one spine.")
                .form(Form.between(2, 2))
                .skill(Skill.SOME_PRACTICE)
                .inNumber(1)
                .holes(5, Holing.stations(2))
                .covered(Covering.PLEAT));
        judge(Need.WRITE, 1, "two short notebooks in one");
        judge(Need.WET_MEDIA, -1, "the pleat holds both folds tight");
        judge(Need.PASTE_IN, -2, "no room at the spine");
        judge(Need.CARRY, 1, "thin and light");
        judge(Need.LIE_FLAT, 1, "lies flat at the middle of each section");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public boolean turnedOver() {
        return true;
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(SEWN);
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return new ThumbRule(2.5, 3.5, "2.5 heights and a bit, for both at once");
    }
}
