package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.ThreadPath;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** Signatures in pairs through one row of a limp cover. */
final class PairedRows extends Described implements Stitching {

    PairedRows() {
        super(Description.of("paired-rows", "Link and long stitch, paired")
                .purpose(
                        "A historical form: two signatures share a row of a limp cover, so that the holes do not weaken it; six rows for twelve signatures.")
                .form(Form.between(4, 24))
                .skill(Skill.MUCH_PRACTICE)
                .inNumber(-1)
                .holes(6, Holing.linksAndLong().rowsFor(Holing.RowsFor.EACH_PAIR))
                .covered(Covering.THROUGH_SPINE));
        judge(Need.WRITE, 2, "no glue, opens freely");
        judge(Need.WET_MEDIA, 1, "thin signatures leave room to swell");
        judge(Need.PASTE_IN, 1, "a limp cover gives a little");
        judge(Need.CARRY, 2, "a limp cover with few holes wears well");
        judge(Need.LIE_FLAT, 2, "opens flat");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(this);
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return count % 2 == 0 && count >= 4 && count <= AllAlong.MOST_STATIONS;
    }

    @Override
    public String stationsWanted(String variant) {
        return "paired rows take an even number of stations, 4 or more: a link at each end, long stitches between";
    }

    /**
     * The first of a pair from head to tail, the second back through the same holes of the cover; at the ends of every row but the first
     * behind the link of the row below.
     */
    @Override
    public ThreadPath stitch(Choice choice) {
        AllAlong thread = new AllAlong(choice, choice.signatures() + 1).begin(Face.OUTSIDE);
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            Face to = Face.INSIDE;
            for (int number = 1; number <= choice.stations(); number++) {
                thread.path().pass(thread.hole(signature, number), to);
                to = to.opposite();
            }
            if (signature == 2) {
                thread.path().tie(choice.turns());
            } else if (signature > 2) {
                thread.path().link();
            }
        }
        return thread.path().kettle().end();
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        int last = choice.signatures();
        for (int signature = 1; signature <= last; signature++) {
            for (int station = 1; station < choice.stations(); station++) {
                pattern.stitch(station % 2 == 1 ? Face.INSIDE : Face.OUTSIDE, signature, station, station + 1);
            }
            int end = AllAlong.end(choice, signature);
            if (signature < last) {
                pattern.climb(signature, end);
            }
            if (signature > 1) {
                pattern.hold(signature == 2 ? Tie.KNOT : Tie.LINK, signature, end);
            }
        }
        return pattern.hold(Tie.KETTLE, last, AllAlong.end(choice, last)).build();
    }

    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        return hole -> 1;
    }

    @Override
    public boolean goesOn() {
        return true;
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return ThumbRule.allAlong(signatures);
    }
}
