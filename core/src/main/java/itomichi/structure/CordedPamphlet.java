package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.Over;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** One signature sewn over a cord or ribbon that lies outside along the fold. */
final class CordedPamphlet extends Described implements Stitching {

    CordedPamphlet() {
        super(Description.of("corded-pamphlet", "Pamphlet over a cord")
                .purpose("One signature, its thread passing over a cord or ribbon along the spine; for show.")
                .form(Form.ONE)
                .skill(Skill.FIRST_BOOK)
                .inNumber(1)
                .holes(5, Holing.stations(2))
                .covered(Covering.ONE_FOLD));
        judge(Need.WRITE, 1, "one fold to write across");
        judge(Need.WET_MEDIA, -1, "wet sheets cockle, and one fold cannot take up the swelling");
        judge(Need.PASTE_IN, -2, "one fold has no room at the spine for what is pasted in");
        judge(Need.CARRY, -1, "a cord outside catches in a bag");
        judge(Need.LIE_FLAT, 1, "lies flat at the middle, less so at the ends");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(this);
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return Weave.takesStations(count);
    }

    @Override
    public String stationsWanted(String variant) {
        return "a pamphlet over a cord takes 2 to " + Weave.MOST_STATIONS + " stations";
    }

    /**
     * Out, over the cord and back in at every station; inside from the centre to the head, in one long stitch past the centre, to the
     * tail, and back to the centre, where the knot sits over both long stitches.
     */
    @Override
    public ThreadPath stitch(Choice choice) {
        int centre = (choice.stations() + 1) / 2;
        PathBuilder path = new PathBuilder().from(new Hole(1, centre), Face.INSIDE, Tail.Side.FREE);
        for (int station = centre; station >= 1; station--) {
            round(path, station);
        }
        for (int station = centre + 1; station <= choice.stations(); station++) {
            round(path, station);
        }
        return path.runTo(new Hole(1, centre)).tie(choice.turns()).end();
    }

    private static void round(PathBuilder path, int station) {
        Hole hole = new Hole(1, station);
        path.pass(hole, Face.OUTSIDE).then(new Over(hole)).pass(hole, Face.INSIDE);
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        int last = choice.stations();
        int centre = (last + 1) / 2;
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        for (int station = 1; station <= last; station++) {
            pattern.hold(Tie.OVER, 1, station);
            if (station < last && station != centre) {
                pattern.stitch(Face.INSIDE, 1, station, station + 1);
            }
        }
        return pattern.stitch(Face.INSIDE, 1, 1, centre + 1)
                .stitch(Face.INSIDE, 1, centre, last)
                .hold(Tie.KNOT, 1, centre)
                .build();
    }

    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        return hole -> 2;
    }

    @Override
    public SewnOn sewnOn(String variant) {
        return SewnOn.CORD;
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return new ThumbRule(3, 4, "3 heights, and a bit for each pass over the cord");
    }
}
