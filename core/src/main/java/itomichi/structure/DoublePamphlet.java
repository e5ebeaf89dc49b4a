package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** Two signatures sewn at once, back to back through a pleat. */
final class DoublePamphlet extends Described implements Stitching {

    DoublePamphlet() {
        super(
                "double-pamphlet",
                "Double pamphlet",
                "Two sections sewn at once back to back through a pleated cover; two notebooks that open from one spine.",
                Form.between(2, 2),
                Skill.SOME_PRACTICE,
                1,
                5,
                Holing.stations(2),
                true);
        judge(Need.WRITE, 1, "two short notebooks in one");
        judge(Need.WET_MEDIA, -1, "the pleat holds both folds tight");
        judge(Need.PASTE_IN, -2, "no room at the spine");
        judge(Need.CARRY, 1, "thin and light");
        judge(Need.LIE_FLAT, 1, "lies flat at the middle of each section");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching() {
        return Optional.of(this);
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return Weave.takesStations(count);
    }

    @Override
    public String stationsWanted(String variant) {
        return "a double pamphlet takes 2 to " + Weave.MOST_STATIONS
                + " stations; an odd number has a centre to begin at";
    }

    /** As a pamphlet: every pass goes through one section, both walls of the pleat and the other section at once. */
    @Override
    public ThreadPath stitch(Choice choice) {
        PathBuilder path = new PathBuilder();
        new Weave(1, choice).sew(path);
        return path.end();
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        new Weave(1, choice).show(pattern);
        return pattern.build();
    }

    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        return hole -> 2;
    }

    @Override
    public boolean choosesKnot() {
        return true;
    }

    @Override
    public boolean sewnAtOnce() {
        return true;
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures) {
        return new ThumbRule(2.5, 3.5, "2.5 heights and a bit, for both at once");
    }
}
