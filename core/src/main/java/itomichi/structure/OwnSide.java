package itomichi.structure;

import itomichi.gathering.Form;

/** A pattern of the binder's own through the side of a block; how it is sewn follows from the pattern. */
final class OwnSide extends Described {

    OwnSide() {
        super(
                Structure.OWN_SIDE,
                "Own pattern, through the side",
                "Single sheets sewn through the side in a pattern of your own. Does not lie flat; lasts.",
                Form.LOOSE,
                Skill.MUCH_PRACTICE,
                -1,
                5,
                Holing.side(),
                false);
        judge(Need.WRITE, -1, "the spine margin swallows what is written near it");
        judge(Need.WET_MEDIA, -1, "held fast at the side, wet sheets buckle");
        judge(Need.PASTE_IN, 1, "a narrow strip between the sheets at the spine makes room");
        judge(Need.CARRY, 2, "lasts, the thread holds every sheet");
        judge(Need.LIE_FLAT, -3, "never lies flat");
        judge(Need.LOOSE_SHEETS, 2, "made for sheets that are already single");
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return new ThumbRule(4, 9, "4 heights and more, for a rich pattern");
    }
}
