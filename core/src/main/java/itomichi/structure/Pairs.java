package itomichi.structure;

import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.ThreadPath;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToIntFunction;

/** Sewing all along, a kettle at each end and pairs of stations between, each pair spanned outside. */
final class Pairs implements Stitching {

    /** Key of the way in which two signatures share each length of thread. */
    static final String TWO_ON = "two-on";

    private static final String TWO_ON_BETWEEN = "two-on-between";

    private final String name;
    private final boolean linked;
    private final SewnOn sewnOn;

    /**
     * @param name what it is called, for a line that refuses a count
     * @param linked whether a stitch over a pair goes under that of the signature below
     * @param sewnOn what lies under the stitches
     */
    Pairs(String name, boolean linked, SewnOn sewnOn) {
        this.name = name;
        this.linked = linked;
        this.sewnOn = sewnOn;
    }

    @Override
    public List<Variant> variants() {
        return sewnOn != SewnOn.TAPES
                ? Stitching.super.variants()
                : List.of(
                        new Variant(USUAL, "all along", "Every signature is held at every tape: the strongest."),
                        new Variant(
                                TWO_ON,
                                "two signatures on each length",
                                "Half the thread in the folds, and half the swell; each signature is held at fewer places."),
                        new Variant(
                                TWO_ON_BETWEEN,
                                "two on each length, the first and the last all along",
                                "Little swell, and firm where the boards pull."));
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return count % 2 == 0 && count >= 4 && count <= AllAlong.MOST_STATIONS;
    }

    @Override
    public String stationsWanted(String variant) {
        return name + " takes an even number of stations, 4 or more: a kettle at each end, pairs between";
    }

    @Override
    public ThreadPath stitch(Choice choice) {
        return twoOn(choice).map(TwoOn::stitch).orElseGet(() -> allAlong(choice));
    }

    private static Optional<TwoOn> twoOn(Choice choice) {
        boolean endsAlone = choice.variant().equals(TWO_ON_BETWEEN);
        return endsAlone || choice.variant().equals(TWO_ON)
                ? Optional.of(new TwoOn(choice, endsAlone))
                : Optional.empty();
    }

    private ThreadPath allAlong(Choice choice) {
        AllAlong thread = new AllAlong(choice, 3).begin(Face.OUTSIDE);
        PathBuilder path = thread.path();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            Face to = Face.INSIDE;
            for (int number = 1; number <= choice.stations(); number++) {
                if (linked && signature > 1 && number > 1 && to == Face.INSIDE) {
                    path.under();
                }
                path.pass(thread.hole(signature, number), to);
                to = to.opposite();
            }
            thread.tie(signature);
        }
        return thread.end();
    }

    /** One height for each length of thread and two besides. */
    static ThumbRule threadRule(int signatures, String variant) {
        return switch (variant) {
            case TWO_ON -> ThumbRule.twoOn((signatures + 1) / 2);
            case TWO_ON_BETWEEN -> ThumbRule.twoOn((signatures + 3) / 2);
            default -> ThumbRule.allAlong(signatures);
        };
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        return twoOn(choice).map(TwoOn::pattern).orElseGet(() -> shownAllAlong(choice));
    }

    private StitchPattern shownAllAlong(Choice choice) {
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        for (int signature = 1; signature <= choice.signatures(); signature++) {
            for (int station = 1; station < choice.stations(); station++) {
                boolean pair = station % 2 == 0;
                pattern.stitch(pair ? Face.OUTSIDE : Face.INSIDE, signature, station, station + 1);
                if (pair && linked && signature > 1) {
                    pattern.hold(Tie.UNDER, signature, station);
                }
            }
        }
        AllAlong.showEnds(pattern, choice, 3);
        return pattern.build();
    }

    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        return hole -> 1;
    }

    @Override
    public SewnOn sewnOn(String variant) {
        return sewnOn;
    }

    /** Between the two of each pair. */
    @Override
    public Set<Integer> tapedAfter(int stations, String variant) {
        Set<Integer> taped = new TreeSet<>();
        for (int station = 2; sewnOn == SewnOn.TAPES && station < stations - 1; station += 2) {
            taped.add(station);
        }
        return taped;
    }

    @Override
    public boolean goesOn() {
        return true;
    }
}
