package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.path.Edge;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** Signatures sewn through a soft cover with stitches that run along its spine. */
final class LongStitch extends Described implements Stitching {

    LongStitch() {
        super(Description.of("long-stitch", "Long stitch")
                .purpose(
                        "Signatures sewn straight through a soft cover; gaps between them leave room for what is pasted in. Albums and journals.")
                .form(Form.between(2, 40))
                .skill(Skill.SOME_PRACTICE)
                .inNumber(0)
                .holes(4, Holing.stations(2).rowsFor(Holing.RowsFor.EACH_SIGNATURE))
                .covered(Covering.THROUGH_SPINE));
        judge(Need.WRITE, 2, "no glue, opens freely");
        judge(Need.WET_MEDIA, 2, "room between the signatures lets sheets swell");
        judge(Need.PASTE_IN, 3, "rows set apart leave room for what is pasted in");
        judge(Need.CARRY, 2, "a soft cover that goes round the book");
        judge(Need.LIE_FLAT, 2, "opens flat, the cover bends with it");
        judge(Need.LOOSE_SHEETS, -3, "needs sheets that are folded");
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(this);
    }

    private static final String THERE_AND_BACK = "there-and-back";
    private static final String PAIRS = "pairs";

    @Override
    public List<Variant> variants() {
        return List.of(
                new Variant(
                        USUAL,
                        "single pass, climbing at the ends",
                        "Every other gap shows a stitch, the middle ones; little thread."),
                new Variant(
                        THERE_AND_BACK,
                        "there and back",
                        "The spine shows an unbroken line at every row; twice the thread."),
                new Variant(
                        PAIRS,
                        "pairs shown, round head and tail",
                        "The gaps at the ends show; the thread goes round the cover\u2019s edges."));
    }

    @Override
    public boolean takesStations(int count, String variant) {
        boolean even = count % 2 == 0 || variant.equals(THERE_AND_BACK);
        return even && count >= 4 && count <= AllAlong.MOST_STATIONS;
    }

    @Override
    public String stationsWanted(String variant) {
        return variant.equals(THERE_AND_BACK)
                ? "a long stitch takes 4 stations or more"
                : "a long stitch sewn in a single pass takes an even number of stations, 4 or more: it has to come out at the last";
    }

    @Override
    public ThreadPath stitch(Choice choice) {
        return switch (choice.variant()) {
            case THERE_AND_BACK -> thereAndBack(choice);
            case PAIRS -> pairs(choice);
            default -> climbing(choice);
        };
    }

    private static ThreadPath climbing(Choice choice) {
        AllAlong thread = new AllAlong(choice, 3).begin(Face.OUTSIDE);
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            Face to = Face.INSIDE;
            for (int number = 1; number <= choice.stations(); number++) {
                thread.path().pass(thread.hole(signature, number), to);
                to = to.opposite();
            }
            thread.tie(signature);
        }
        return thread.end();
    }

    /** Through every gap on the way there and again on the way back; outside to the next row at the head, or round the head of the cover. */
    private static ThreadPath thereAndBack(Choice choice) {
        int last = choice.stations();
        PathBuilder path = new PathBuilder().from(new Hole(1, 1), Face.INSIDE, Tail.Side.FREE);
        Face to = Face.OUTSIDE;
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            for (int number = 1; number < 2 * last; number++) {
                Hole hole = new Hole(signature, number <= last ? number : 2 * last - number);
                if (signature == 1 && number == 2 * last - 1) {
                    path.runTo(hole).tie(choice.turns());
                }
                path.pass(hole, to);
                to = to.opposite();
            }
            if (path.here().face() == Face.INSIDE && signature < choice.signatures()) {
                path.round(Edge.HEAD);
            }
        }
        return path.here().face() == Face.OUTSIDE
                ? path.kettle().kettle().end()
                : path.tie(choice.turns()).end();
    }

    private static ThreadPath pairs(Choice choice) {
        AllAlong thread = new AllAlong(choice, choice.signatures() + 1).begin(Face.INSIDE);
        PathBuilder path = thread.path();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            Face to = Face.OUTSIDE;
            for (int number = 1; number <= choice.stations(); number++) {
                path.pass(thread.hole(signature, number), to);
                to = to.opposite();
            }
            if (signature < choice.signatures()) {
                path.round(signature % 2 == 1 ? Edge.TAIL : Edge.HEAD);
            }
        }
        return path.tie(choice.turns()).end();
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        boolean twice = choice.variant().equals(THERE_AND_BACK);
        boolean round = choice.variant().equals(PAIRS);
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            for (int station = 1; station < choice.stations(); station++) {
                boolean outside = station % 2 == (round ? 1 : 0);
                if (twice || outside) {
                    pattern.stitch(Face.OUTSIDE, signature, station, station + 1);
                }
                if (twice || !outside) {
                    pattern.stitch(Face.INSIDE, signature, station, station + 1);
                }
            }
        }
        if (twice) {
            showThereAndBack(pattern, choice);
        } else if (round) {
            for (int signature = 1; signature < choice.signatures(); signature++) {
                boolean tail = signature % 2 == 1;
                pattern.hold(tail ? Tie.TAIL : Tie.HEAD, signature, tail ? choice.stations() : 1);
            }
            int last = choice.signatures();
            pattern.hold(Tie.KNOT, last, AllAlong.end(choice, last));
        } else {
            AllAlong.showEnds(pattern, choice, 3);
        }
        return pattern.build();
    }

    private static void showThereAndBack(StitchPattern.Builder pattern, Choice choice) {
        int last = choice.signatures();
        pattern.hold(Tie.KNOT, 1, 1);
        for (int signature = 1; signature < last; signature++) {
            if (signature % 2 == 1) {
                pattern.climb(signature, 1);
            } else {
                pattern.hold(Tie.HEAD, signature, 1);
            }
        }
        if (last % 2 == 1) {
            pattern.hold(Tie.KETTLE, last, 1).hold(Tie.KETTLE, last, 1);
        } else {
            pattern.hold(Tie.KNOT, last, 1);
        }
    }

    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        return hole -> choice.variant().equals(THERE_AND_BACK) ? 2 : 1;
    }

    @Override
    public boolean goesOn() {
        return true;
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        return variant.equals(THERE_AND_BACK) ? ThumbRule.thereAndBack(signatures) : ThumbRule.allAlong(signatures);
    }
}
