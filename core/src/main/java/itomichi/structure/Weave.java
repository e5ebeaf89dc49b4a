package itomichi.structure;

import itomichi.measure.Length;
import itomichi.order.EulerTrail;
import itomichi.order.Question;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.PathBuilder;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.Tail;
import itomichi.station.Stations;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * One signature sewn by itself: out at the middle, to the head and back, to the tail and back, and a knot.
 *
 * <p>With an odd number of stations the thread crosses the centre in one long stitch that the knot sits over, so that every gap is covered
 * once on each face. An even number has no centre: the order is found for a pattern that covers every gap once on each face.
 */
final class Weave {

    static final int MOST_STATIONS = 31;

    private final int signature;
    private final int stations;
    private final Face near;
    private final Face far;
    private final int turns;

    Weave(int signature, Stitching.Choice choice) {
        this.signature = signature;
        this.stations = choice.stations();
        this.near = choice.knot();
        this.far = near.opposite();
        this.turns = choice.turns();
    }

    static boolean takesStations(int count) {
        return count >= 2 && count <= MOST_STATIONS;
    }

    private Hole hole(int station) {
        return new Hole(signature, station);
    }

    private boolean odd() {
        return stations % 2 == 1;
    }

    private int start() {
        return (stations + 1) / 2;
    }

    /** Sews it, beginning with a tail; the last tail is left to be cut. */
    void sew(PathBuilder path) {
        path.from(hole(start()), near, Tail.Side.FREE);
        if (odd()) {
            Face to = far;
            for (int station : order()) {
                path.pass(hole(station), to);
                to = to.opposite();
            }
        } else {
            path.pass(hole(start()), far);
            found().forEach(path::then);
        }
        path.tie(turns);
    }

    /** Centre to head, back to beside the centre, over it, to the tail, back to the centre. */
    private List<Integer> order() {
        int centre = start();
        List<Integer> order = new ArrayList<>();
        IntStream.iterate(centre, station -> station >= 1, station -> station - 1)
                .forEach(order::add);
        IntStream.range(2, centre).forEach(order::add);
        IntStream.rangeClosed(centre + 1, stations).forEach(order::add);
        IntStream.iterate(stations - 1, station -> station >= centre, station -> station - 1)
                .forEach(order::add);
        return order;
    }

    /** The order through an even number of stations. */
    private List<Move> found() {
        List<Move> runs = new ArrayList<>();
        for (int station = 1; station < stations; station++) {
            runs.add(new Run(hole(station), hole(station + 1), far));
            runs.add(new Run(hole(station), hole(station + 1), near));
        }
        Question question = new Question(
                runs, new Spot(hole(start()), far), new Spot(hole(start()), near), Set.of(), even(signature, stations));
        return EulerTrail.find(question).sewn();
    }

    /** A fold with a station every 10 mm: enough to tell which is nearer. */
    private static FoldFrame even(int signatures, int stations) {
        List<Length> places = IntStream.rangeClosed(1, stations)
                .mapToObj(station -> Length.ofMm(10.0 * station))
                .toList();
        return FoldFrame.even(
                new Stations(places), signatures, Length.ofMm(1), Length.ZERO, Length.ofMm(0.5), Length.ofMm(50));
    }

    /** Every gap once on each face; the two at an odd number's centre by one long stitch under the knot. */
    void show(StitchPattern.Builder pattern) {
        int centre = start();
        for (int station = 1; station < stations; station++) {
            pattern.stitch(far, signature, station, station + 1);
            boolean besideCentre = odd() && (station == centre - 1 || station == centre);
            if (!besideCentre) {
                pattern.stitch(near, signature, station, station + 1);
            }
        }
        if (odd()) {
            pattern.stitch(near, signature, centre - 1, centre + 1);
        }
        pattern.hold(Tie.KNOT, signature, centre);
    }
}
