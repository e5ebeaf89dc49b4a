package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Optional;

/** Signatures sewn all along and linked between pairs of stations, for a case. */
final class FrenchLink extends Described {

    private static final Stitching SEWN = new Pairs("a French link", true, Stitching.SewnOn.NOTHING);

    FrenchLink() {
        super(Description.of("french-link", "French link")
                .purpose(
                        "Sewn all along, linked between pairs of stations, kettles at the ends; for cased books without tapes, small ones.")
                .form(Form.from(3))
                .skill(Skill.SOME_PRACTICE)
                .mayBeRounded()
                .covered(Covering.CASE)
                .inNumber(-1)
                .holes(6, Holing.pairs()));
        judge(Need.WRITE, 1, "opens well once the case is broken in");
        judge(Need.WET_MEDIA, -1, "a glued spine does not like wet, heavy sheets");
        judge(Need.PASTE_IN, -1, "a spine lined with glue does not give");
        judge(Need.CARRY, 2, "boards protect it");
        judge(Need.LIE_FLAT, 1, "opens fairly flat");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(SEWN);
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return ThumbRule.allAlong(signatures);
    }
}
