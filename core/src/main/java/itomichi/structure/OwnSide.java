package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.measure.Length;
import itomichi.station.SideHole;
import java.util.List;
import java.util.Optional;

/** A pattern of the binder's own through the side of a block; how it is sewn follows from the pattern. */
final class OwnSide extends Described {

    OwnSide() {
        super(Description.of("own-side", "Own pattern, through the side")
                .purpose("Single sheets sewn through the side in a pattern of your own. Does not lie flat; lasts.")
                .form(Form.LOOSE)
                .skill(Skill.MUCH_PRACTICE)
                .inNumber(-1)
                .covered(Covering.SIDE)
                .holes(5, Holing.side()));
        judge(Need.WRITE, -1, "the spine margin swallows what is written near it");
        judge(Need.WET_MEDIA, -1, "held fast at the side, wet sheets buckle");
        judge(Need.PASTE_IN, 1, "a narrow strip between the sheets at the spine makes room");
        judge(Need.CARRY, 2, "lasts, the thread holds every sheet");
        judge(Need.LIE_FLAT, -3, "never lies flat");
        judge(Need.LOOSE_SHEETS, 2, "made for sheets that are already single");
    }

    @Override
    public boolean wantsPattern() {
        return true;
    }

    @Override
    public boolean takesPattern(boolean side) {
        return side;
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return own.filter(sewn -> sewn.pattern().side()).map(Stitching.class::cast);
    }

    @Override
    public Optional<List<SideHole>> patternHoles(Optional<OwnStitching> own, Length height) {
        return own.filter(sewn -> sewn.pattern().side())
                .map(sewn -> sewn.pattern().sideHoles(height));
    }

    @Override
    public int countedHoles(List<SideHole> holes) {
        return holes.size();
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return new ThumbRule(4, 9, "4 heights and more, for a rich pattern");
    }
}
