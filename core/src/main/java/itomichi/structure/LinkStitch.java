package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.path.Board;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.ThreadPath;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** Signatures linked to each other without support, the spine left open. */
final class LinkStitch extends Described implements Stitching {

    LinkStitch() {
        super(Description.of("link-stitch", "Link stitch")
                .purpose(
                        "Signatures linked to each other without support, the spine left open; any number, heavy paper too. Watch the swell.")
                .form(Form.from(2))
                .skill(Skill.SOME_PRACTICE)
                .inNumber(-1)
                .covered(Covering.CASE, Covering.BOARDS)
                .holes(5, Holing.links()));
        judge(Need.WRITE, 2, "every spread opens to the fold");
        judge(Need.WET_MEDIA, 2, "takes heavy paper in thin signatures");
        judge(Need.PASTE_IN, 1, "an open spine gives a little");
        judge(Need.CARRY, -1, "bare thread at the spine catches and wears");
        judge(Need.LIE_FLAT, 3, "opens flat at every spread");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(this);
    }

    static final String BOARDS = "boards";

    @Override
    public List<Variant> variants() {
        return List.of(
                new Variant(USUAL, "signatures alone", "A bare block; a case or soft cover can go on later."),
                new Variant(
                        BOARDS, "boards sewn on", "Front and back board hang from the first and the last signature."));
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return count >= 3 && count <= AllAlong.MOST_STATIONS;
    }

    @Override
    public String stationsWanted(String variant) {
        return "a link stitch takes 3 to " + AllAlong.MOST_STATIONS + " stations: a kettle at each end, links between";
    }

    /**
     * At every station between the ends out, behind the link of the signature below, and back in; the first signature leaves loops for
     * that. With boards, round the board's edge at every station of the first and the last signature.
     */
    @Override
    public ThreadPath stitch(Choice choice) {
        boolean boards = choice.variant().equals(BOARDS);
        int last = choice.stations();
        AllAlong thread = new AllAlong(choice, boards ? 2 : 3).begin(boards ? Face.INSIDE : Face.OUTSIDE);
        PathBuilder path = thread.path();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            boolean board = boards && (signature == 1 || signature == choice.signatures());
            for (int number = 1; number <= last; number++) {
                Hole hole = thread.hole(signature, number);
                boolean comesOut = number > 1 || (boards && signature == 1);
                if (comesOut) {
                    path.pass(hole, Face.OUTSIDE);
                } else {
                    path.runTo(hole);
                }
                if (signature > 1 && number > 1 && number < last) {
                    path.link();
                }
                if (board) {
                    path.then(new Board(hole));
                }
                if (number < last) {
                    path.pass(hole, Face.INSIDE);
                }
            }
            thread.tie(signature);
        }
        return thread.end();
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        boolean boards = choice.variant().equals(BOARDS);
        int last = choice.stations();
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            for (int station = 1; station <= last; station++) {
                if (station < last) {
                    pattern.stitch(Face.INSIDE, signature, station, station + 1);
                }
                if (signature > 1 && station > 1 && station < last) {
                    pattern.hold(Tie.LINK, signature, station);
                }
                if (boards && (signature == 1 || signature == choice.signatures())) {
                    pattern.hold(Tie.BOARD, signature, station);
                }
            }
        }
        AllAlong.showEnds(pattern, choice, boards ? 2 : 3);
        return pattern.build();
    }

    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        return hole -> 2;
    }

    @Override
    public SewnOn sewnOn(String variant) {
        return variant.equals(BOARDS) ? SewnOn.BOARDS : SewnOn.NOTHING;
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
