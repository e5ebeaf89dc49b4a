package itomichi.structure;

import itomichi.gathering.Form;

/** Named only as the alternative that breaks with time. */
final class GluedSpine extends Described {

    GluedSpine() {
        super(Description.of("glued-spine", "Glued, not sewn")
                .purpose(
                        "No thread at all: quick, and it breaks with time. Named so that it can be weighed, not planned.")
                .form(Form.LOOSE)
                .skill(Skill.FIRST_BOOK)
                .inNumber(2)
                .covered(Covering.CASE)
                .holes(0, Holing.none()));
        judge(Need.WRITE, -2, "leaves come out as it ages");
        judge(Need.WET_MEDIA, -3, "glue lets go of wet paper");
        judge(Need.PASTE_IN, -3, "the spine breaks when it is filled");
        judge(Need.CARRY, -2, "breaks at the spine");
        judge(Need.LIE_FLAT, -2, "pressed flat, it cracks");
        judge(Need.LOOSE_SHEETS, 1, "takes sheets that are already single");
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return new ThumbRule(0, 0, "no thread");
    }
}
