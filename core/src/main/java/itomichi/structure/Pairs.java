package itomichi.structure;

import itomichi.path.Face;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.ThreadPath;

/** Sewing all along, a kettle at each end and pairs of stations between, each pair spanned outside. */
final class Pairs {

    static final String WANTED = "an even number of stations, 4 or more: a kettle at each end, pairs between";

    private Pairs() {}

    static boolean takesStations(int count) {
        return count % 2 == 0 && count >= 4 && count <= AllAlong.MOST_STATIONS;
    }

    /** @param linked whether a stitch over a pair goes under that of the signature below */
    static ThreadPath stitch(Stitching.Choice choice, boolean linked) {
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

    static StitchPattern pattern(Stitching.Choice choice, boolean linked) {
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
}
