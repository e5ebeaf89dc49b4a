package itomichi.structure;

import itomichi.gathering.Form;

/** Signatures in pairs through one row of a limp cover. */
final class PairedRows extends Described {

    PairedRows() {
        super(
                "paired-rows",
                "Link and long stitch, paired",
                "A historical form: two signatures share a row of a limp cover, so that the holes do not weaken it; six rows for twelve signatures.",
                Form.between(4, 24),
                Skill.MUCH_PRACTICE,
                -1,
                6,
                Holing.linksAndLong().rowsFor(Holing.RowsFor.EACH_PAIR),
                true);
        judge(Need.WRITE, 2, "no glue, opens freely");
        judge(Need.WET_MEDIA, 1, "thin signatures leave room to swell");
        judge(Need.PASTE_IN, 1, "a limp cover gives a little");
        judge(Need.CARRY, 2, "a limp cover with few holes wears well");
        judge(Need.LIE_FLAT, 2, "opens flat");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return ThumbRule.allAlong(signatures);
    }
}
