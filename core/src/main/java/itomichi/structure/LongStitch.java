package itomichi.structure;

import itomichi.gathering.Form;

/** Signatures sewn through a soft cover with stitches that run along its spine. */
final class LongStitch extends Described {

    LongStitch() {
        super(
                "long-stitch",
                "Long stitch",
                "Signatures sewn straight through a soft cover; gaps between them leave room for what is pasted in. Albums and journals.",
                Form.between(2, 40),
                Skill.SOME_PRACTICE,
                0,
                4,
                Holing.stations(2).rowsFor(Holing.RowsFor.EACH_SIGNATURE),
                true);
        judge(Need.WRITE, 2, "no glue, opens freely");
        judge(Need.WET_MEDIA, 2, "room between the signatures lets sheets swell");
        judge(Need.PASTE_IN, 3, "rows set apart leave room for what is pasted in");
        judge(Need.CARRY, 2, "a soft cover that goes round the book");
        judge(Need.LIE_FLAT, 2, "opens flat, the cover bends with it");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return ThumbRule.allAlong(signatures);
    }
}
