package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** Signatures sewn each by itself through one cover. */
final class SeveralPamphlets extends Described implements Stitching {

    SeveralPamphlets() {
        super(
                "several-pamphlets",
                "Several pamphlets, one cover",
                "Two to seven signatures, each sewn by itself through the spine of a cover; five to seven sheets in each, ten at the most.",
                Form.between(2, 7),
                Skill.FIRST_BOOK,
                1,
                5,
                Holing.stations(2).rowsFor(Holing.RowsFor.EACH_SIGNATURE),
                true);
        judge(Need.WRITE, 2, "each signature opens like a pamphlet of its own");
        judge(Need.WET_MEDIA, 1, "few sheets in a fold leave room to swell");
        judge(Need.PASTE_IN, 1, "rows set wider apart make room at the spine");
        judge(Need.CARRY, 1, "a soft cover that bends");
        judge(Need.LIE_FLAT, 1, "flat within each signature, less between two");
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
        return "each pamphlet takes 2 to " + Weave.MOST_STATIONS + " stations; an odd number has a centre to begin at";
    }

    @Override
    public ThreadPath stitch(Choice choice) {
        PathBuilder path = new PathBuilder();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            new Weave(signature, choice).sew(path);
            path.cut();
        }
        return path.end();
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            new Weave(signature, choice).show(pattern);
        }
        return pattern.apart();
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
    public ThumbRule threadRule(int stations, int signatures) {
        return new ThumbRule(2.5 * signatures, 4.0 * signatures, "2.5 to 4 heights for each signature");
    }
}
