package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.station.Role;

/** Single sheets sewn through the side, near the spine: one thread pattern, several looks. */
final class StabBinding extends Described {

    private final double heights;

    private StabBinding(
            String key, String name, String look, Skill skill, int inNumber, int holes, Holing holing, double heights) {
        super(
                key,
                name,
                "Single sheets sewn through the side; " + look + ". Does not lie flat; lasts.",
                Form.LOOSE,
                skill,
                inNumber,
                holes,
                holing,
                false);
        this.heights = heights;
        judge(Need.WRITE, -1, "the spine margin swallows what is written near it");
        judge(Need.WET_MEDIA, -1, "held fast at the side, wet sheets buckle");
        judge(Need.PASTE_IN, 1, "a narrow strip between the sheets at the spine makes room");
        judge(Need.CARRY, 2, "lasts, the thread holds every sheet");
        judge(Need.LIE_FLAT, -3, "never lies flat");
        judge(Need.LOOSE_SHEETS, 3, "made for sheets that are already single");
    }

    static StabBinding running() {
        return new StabBinding(
                "stab-running",
                "Stab, running and wrapped",
                "a plain running stitch, head and tail wrapped",
                Skill.FIRST_BOOK,
                2,
                5,
                Holing.side(),
                4);
    }

    static StabBinding fourHole() {
        return new StabBinding(
                "stab-four-hole",
                "Stab, four holes",
                "four holes, each wrapped round the spine",
                Skill.FIRST_BOOK,
                1,
                4,
                Holing.side(),
                4);
    }

    static StabBinding cornerHoles() {
        return new StabBinding(
                "stab-corners",
                "Stab, corner holes",
                "two holes more that guard the corners",
                Skill.SOME_PRACTICE,
                0,
                4,
                Holing.side(Role.CORNER),
                5);
    }

    static StabBinding tortoiseShell() {
        return new StabBinding(
                "stab-tortoise-shell",
                "Stab, tortoise-shell",
                "each hole with two beside it, wrapped like a shell",
                Skill.SOME_PRACTICE,
                -1,
                4,
                Holing.side(Role.SATELLITE),
                7);
    }

    static StabBinding hempLeaf() {
        return new StabBinding(
                "stab-hemp-leaf",
                "Stab, hemp-leaf",
                "a second row of holes and a net of crossing threads",
                Skill.MUCH_PRACTICE,
                -1,
                5,
                Holing.side(Role.CORNER, Role.BETWEEN),
                8);
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return new ThumbRule(heights - 0.5, heights + 0.5, "about " + Math.round(heights) + " heights, wraps included");
    }
}
