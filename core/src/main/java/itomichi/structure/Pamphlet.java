package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Optional;

/**
 * One signature sewn through its fold.
 */
final class Pamphlet extends Described {

    private static final Stitching SEWN = new Woven("a pamphlet", false);

    Pamphlet() {
        super(Description.of("pamphlet", "Pamphlet")
                .purpose(
                        "One signature, quickly made, lies fairly flat; about fifteen sheets of 90 g/m\u00b2 are comfortable.")
                .form(Form.ONE)
                .skill(Skill.FIRST_BOOK)
                .inNumber(2)
                .holes(5, Holing.stations(2))
                .covered(Covering.ONE_FOLD));
        judge(Need.WRITE, 1, "one fold to write across, flat enough at its middle");
        judge(Need.WET_MEDIA, -1, "wet sheets cockle, and one fold cannot take up the swelling");
        judge(Need.PASTE_IN, -2, "one fold has no room at the spine for what is pasted in");
        judge(Need.CARRY, 1, "thin and light");
        judge(Need.LIE_FLAT, 1, "lies flat at the middle, less so at the ends");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(SEWN);
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return stations == 3
                ? new ThumbRule(2, 3, "2 heights and a bit for a loose tack, 3 to be comfortable")
                : new ThumbRule(2.5, 4, "2.5 to 4 heights");
    }
}
