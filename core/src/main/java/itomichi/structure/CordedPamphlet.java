package itomichi.structure;

import itomichi.gathering.Form;

/** One signature sewn over a cord or ribbon that lies outside along the fold. */
final class CordedPamphlet extends Described {

    CordedPamphlet() {
        super(
                "corded-pamphlet",
                "Pamphlet over a cord",
                "One signature, its thread passing over a cord or ribbon along the spine; for show.",
                Form.ONE,
                Skill.FIRST_BOOK,
                1,
                5,
                Holing.stations(2),
                true);
        judge(Need.WRITE, 1, "one fold to write across");
        judge(Need.WET_MEDIA, -1, "wet sheets cockle, and one fold cannot take up the swelling");
        judge(Need.PASTE_IN, -2, "one fold has no room at the spine for what is pasted in");
        judge(Need.CARRY, -1, "a cord outside catches in a bag");
        judge(Need.LIE_FLAT, 1, "lies flat at the middle, less so at the ends");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return new ThumbRule(3, 4, "3 heights, and a bit for each pass over the cord");
    }
}
