package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Optional;

/** Signatures sewn all along over tapes, for a case. */
final class Tapes extends Described {

    private static final Stitching SEWN = new Pairs("sewing on tapes", false, Stitching.SewnOn.TAPES);

    Tapes() {
        super(Description.of("tapes", "Sewn on tapes")
                .purpose(
                        "Sewn all along round tapes that hold the boards; three tapes are usual for A5. Sturdy cased books for everyday use.")
                .form(Form.from(3))
                .skill(Skill.SOME_PRACTICE)
                .mayBeRounded()
                .covered(Covering.CASE)
                .inNumber(-1)
                .holes(8, Holing.pairs()));
        judge(Need.WRITE, 2, "made for everyday use");
        judge(Need.WET_MEDIA, -1, "a glued spine does not like wet, heavy sheets");
        judge(Need.PASTE_IN, -1, "a spine lined with glue does not give");
        judge(Need.CARRY, 3, "boards held by tapes, a long life");
        judge(Need.LIE_FLAT, 1, "opens fairly flat");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(SEWN);
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return Pairs.threadRule(signatures, variant);
    }
}
