package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Optional;

/** Signatures sewn each by itself through one cover. */
final class SeveralPamphlets extends Described {

    private static final Stitching SEWN = new Woven("each pamphlet", false);

    SeveralPamphlets() {
        super(Description.of("several-pamphlets", "Several pamphlets, one cover")
                .purpose(
                        "Two to seven signatures, each sewn by itself through the spine of a cover; five to seven sheets in each, ten at the most.")
                .form(Form.between(2, 7))
                .skill(Skill.FIRST_BOOK)
                .inNumber(1)
                .holes(5, Holing.stations(2).rowsFor(Holing.RowsFor.EACH_BY_ITSELF))
                .covered(Covering.THROUGH_SPINE));
        judge(Need.WRITE, 2, "each signature opens like a pamphlet of its own");
        judge(Need.WET_MEDIA, 1, "few sheets in a fold leave room to swell");
        judge(Need.PASTE_IN, 1, "rows set wider apart make room at the spine");
        judge(Need.CARRY, 1, "a soft cover that bends");
        judge(Need.LIE_FLAT, 1, "flat within each signature, less between two");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(SEWN);
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return new ThumbRule(2.5 * signatures, 4.0 * signatures, "2.5 to 4 heights for each signature");
    }
}
