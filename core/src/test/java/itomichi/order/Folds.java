package itomichi.order;

import itomichi.measure.Length;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.station.Stations;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** Folds with patterns for tests: a station every 20 mm. */
public final class Folds {

    private Folds() {}

    public static FoldFrame frame(int stations) {
        return FoldFrame.even(
                new Stations(IntStream.rangeClosed(1, stations)
                        .mapToObj(station -> Length.ofMm(20.0 * station))
                        .toList()),
                1,
                Length.ofMm(1),
                Length.ZERO,
                Length.ofMm(0.5),
                Length.ofMm(50));
    }

    public static Hole hole(int station) {
        return new Hole(1, station);
    }

    /** Runs written as {@code o1-2} (outside) and {@code i2-3} (inside). */
    static List<Move> runs(String text) {
        List<Move> runs = new ArrayList<>();
        for (String run : text.strip().split("\\s+")) {
            String[] ends = run.substring(1).split("-");
            runs.add(new Run(
                    hole(Integer.parseInt(ends[0])),
                    hole(Integer.parseInt(ends[1])),
                    run.charAt(0) == 'o' ? Face.OUTSIDE : Face.INSIDE));
        }
        return runs;
    }

    static Question question(List<Move> segments, Spot ready, Spot arrival, int stations) {
        return new Question(segments, ready, arrival, Set.of(), frame(stations));
    }

    /** What a thread leaves that wanders from hole to hole, and the question whose answer it is. */
    static Question wandered(Random dice, int stations, int runs) {
        List<Move> segments = new ArrayList<>();
        Spot ready = new Spot(hole(1 + dice.nextInt(stations)), dice.nextBoolean() ? Face.OUTSIDE : Face.INSIDE);
        Spot here = ready;
        Spot arrival = ready;
        for (int i = 0; i < runs; i++) {
            int to = 1 + dice.nextInt(stations);
            while (to == here.hole().station()) {
                to = 1 + dice.nextInt(stations);
            }
            Run run = new Run(here.hole(), hole(to), here.face());
            segments.add(dice.nextBoolean() ? run : run.reversed());
            arrival = run.end();
            here = new Spot(hole(to), here.face().opposite());
        }
        java.util.Collections.shuffle(segments, dice);
        return question(segments, ready, arrival, stations);
    }
}
