package itomichi.structure;

import static org.testng.Assert.assertEquals;

import itomichi.measure.Length;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Notation;
import itomichi.path.PathCheck;
import itomichi.path.Run;
import itomichi.path.SewingStep;
import itomichi.path.ThreadPath;
import itomichi.station.StationScheme;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PamphletTest {

    private static final Structure BOUND = Structures.keyed("pamphlet").orElseThrow();
    private static final Stitching PAMPHLET = BOUND.stitching(Optional.empty()).orElseThrow();

    @DataProvider
    Object[][] orders() {
        // the usual orders of the trade: common practice, no published source
        return new Object[][] {
            {3, "+2 -1 +3 -2 tie"}, {5, "+3 -2 +1 -2 +4 -5 +4 -3 tie"}, {7, "+4 -3 +2 -1 +2 -3 +5 -6 +7 -6 +5 -4 tie"},
        };
    }

    @Test(dataProvider = "orders")
    public void theOrderIsTheOneThatBindersSew(int stations, String order) {
        assertEquals(Notation.write(sewn(stations, Face.INSIDE)), order);
    }

    @Test(dataProvider = "orders")
    public void aKnotOutsideExchangesInAndOut(int stations, String order) {
        String exchanged = order.replace('+', '*').replace('-', '+').replace('*', '-');
        assertEquals(Notation.write(sewn(stations, Face.OUTSIDE)), exchanged);
    }

    @DataProvider
    Object[][] odd() {
        return IntStream.rangeClosed(1, 15)
                .mapToObj(half -> new Object[] {2 * half + 1})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "odd")
    public void everyOddCountPassesTheIndependentChecks(int stations) {
        for (Face knot : List.of(Face.INSIDE, Face.OUTSIDE)) {
            var choice = Stitching.Choice.folds(1, stations).withKnot(knot);
            assertEquals(
                    PathCheck.faults(PAMPHLET.stitch(choice), PAMPHLET.pattern(choice), frame(stations), hole -> 2),
                    List.of());
        }
    }

    /** Each gap lies once on each face, so the runs are twice the span: closed geometry. */
    @Test(dataProvider = "odd")
    public void runsAreTwiceTheSpan(int stations) {
        FoldFrame frame = frame(stations);
        double runs = sewn(stations, Face.INSIDE).moves().stream()
                .filter(Run.class::isInstance)
                .mapToDouble(move -> move.lengthMm(frame))
                .sum();
        assertEquals(runs, 2 * frame.stations().span().mm(), 1e-6);
    }

    /** The whole thread in space, measured by JTS. */
    @Test(dataProvider = "odd")
    public void theLengthIsTheLengthOfTheThreadInSpace(int stations) {
        ThreadPath path = sewn(stations, Face.INSIDE);
        var points = path.trace(frame(stations));
        double measured = 0;
        for (int i = 1; i < points.size(); i++) {
            var a = points.get(i - 1);
            var b = points.get(i);
            measured += new Coordinate(a.xMm(), a.yMm(), a.zMm()).distance3D(new Coordinate(b.xMm(), b.yMm(), b.zMm()));
        }
        assertEquals(path.sewnMm(frame(stations)) + path.tailsMm(frame(stations)), measured, 0.02);
    }

    /** The usual order through an even number: it begins beside the middle, and its last run lies back to where it began. */
    @Test
    public void anEvenCountClosesWithARunInstead() {
        assertEquals(Notation.write(sewn(4, Face.INSIDE)), "+2 -1 +2 -3 +4 -3 ~2 tie");
    }

    @Test
    public void everyEvenCountPassesTheIndependentChecks() {
        for (int stations = 2; stations <= 30; stations += 2) {
            var choice = Stitching.Choice.folds(1, stations);
            assertEquals(
                    PathCheck.faults(PAMPHLET.stitch(choice), PAMPHLET.pattern(choice), frame(stations), hole -> 2),
                    List.of());
        }
    }

    @Test
    public void theWayBackSaysWhichHolesHoldThread() {
        List<SewingStep> steps = SewingStep.of(sewn(5, Face.INSIDE));
        assertEquals(
                steps.stream().map(SewingStep::holdsThread).toList(),
                List.of(false, false, false, true, false, false, true, true, true));
    }

    @Test
    public void theLongStitchCrossesTheCentreOnly() {
        List<SewingStep> steps = SewingStep.of(sewn(5, Face.INSIDE));
        assertEquals(steps.get(4).crosses().stream().map(hole -> hole.station()).toList(), List.of(3));
    }

    private static ThreadPath sewn(int stations, Face knot) {
        return PAMPHLET.stitch(Stitching.Choice.folds(1, stations).withKnot(knot));
    }

    private static FoldFrame frame(int stations) {
        return FoldFrame.even(
                new StationScheme.Margins(stations, Length.ofMm(20), Length.ofMm(17)).along(Length.ofMm(297)),
                1,
                Length.ofMm(1.4),
                Length.ZERO,
                Length.ofMm(0.5),
                Length.ofMm(75));
    }
}
