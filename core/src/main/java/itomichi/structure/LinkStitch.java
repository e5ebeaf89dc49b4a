package itomichi.structure;

import itomichi.gathering.Form;

/** Signatures linked to each other without support, the spine left open. */
final class LinkStitch extends Described {

    LinkStitch() {
        super(
                "link-stitch",
                "Link stitch",
                "Signatures linked to each other without support, the spine left open; any number, heavy paper too. Watch the swell.",
                Form.from(2),
                Skill.SOME_PRACTICE,
                -1,
                5,
                Holing.links(),
                false);
        judge(Need.WRITE, 2, "every spread opens to the fold");
        judge(Need.WET_MEDIA, 2, "takes heavy paper in thin signatures");
        judge(Need.PASTE_IN, 1, "an open spine gives a little");
        judge(Need.CARRY, -1, "bare thread at the spine catches and wears");
        judge(Need.LIE_FLAT, 3, "opens flat at every spread");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return ThumbRule.allAlong(signatures);
    }
}
