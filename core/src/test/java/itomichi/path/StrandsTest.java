package itomichi.path;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.measure.Length;
import itomichi.path.Strand.Kind;
import itomichi.path.Strand.View;
import itomichi.station.SidePosition;
import itomichi.station.Stations;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** How a path is laid out for drawing: every piece where it lies, on the view it is seen on. */
public class StrandsTest {

    private static final Stations STATIONS =
            new Stations(Stream.of(20, 60, 100, 140).map(Length::ofMm).toList());

    private static FoldFrame folds(Supports supports) {
        return new FoldFrame(
                STATIONS,
                List.of(layer(0), layer(4), layer(9)),
                new FoldFrame.Edges(Length.ofMm(160), Length.ofMm(3), Length.ofMm(3)),
                supports,
                Length.ofMm(0.5),
                Length.ofMm(75));
    }

    private static FoldFrame.Layer layer(double acrossMm) {
        return new FoldFrame.Layer(Length.ofMm(1.2), Length.ofMm(acrossMm));
    }

    private static final StabFrame BLOCK = new StabFrame(
            List.of(
                    new SidePosition(Length.ofMm(15), Length.ofMm(10)),
                    new SidePosition(Length.ofMm(45), Length.ofMm(10))),
            Length.ofMm(60),
            Length.ofMm(6),
            Length.ofMm(0.6),
            Length.ofMm(75));

    private static List<Strand> of(String notation, Frame frame) {
        return Strands.of(NotationTest.path(notation), frame).stream()
                .flatMap(List::stream)
                .toList();
    }

    private static List<Strand> of(String notation, Frame frame, Kind kind) {
        return of(notation, frame).stream()
                .filter(strand -> strand.kind() == kind)
                .toList();
    }

    @Test
    public void thereIsAPlaceInTheListForEveryMove() {
        ThreadPath path = NotationTest.path("+2 -1 +3 -2 tie");
        assertEquals(Strands.of(path, folds(Supports.NONE)).size(), path.moves().size());
    }

    @Test
    public void aRunBeginsAndEndsAtItsHoles() {
        Strand run = of("+1 -2", folds(Supports.NONE), Kind.RUN).get(0);
        assertEquals(run.view(), View.OUTSIDE);
        assertEquals(run.points().get(0), new Strand.Point(20, 0));
        assertEquals(run.points().get(2), new Strand.Point(60, 0));
    }

    @Test
    public void aSecondThreadBetweenTwoHolesBowsFartherThanTheFirst() {
        List<Strand> runs = of("+1 -2 ~1 +1 -2", folds(Supports.NONE), Kind.RUN).stream()
                .filter(strand -> strand.view() == View.OUTSIDE)
                .toList();
        double first = Math.abs(runs.get(0).points().get(1).acrossMm());
        double second = Math.abs(runs.get(1).points().get(1).acrossMm());
        assertTrue(second > first && first > 0, first + " and " + second);
    }

    @Test
    public void aRunLiesTheSameWhicheverEndItIsSewnFrom() {
        Strand there = of("+1 -2", folds(Supports.NONE), Kind.RUN).get(0);
        Strand back = of("+2 -1", folds(Supports.NONE), Kind.RUN).get(0);
        assertEquals(back.points().get(1), there.points().get(1));
    }

    @Test
    public void aClimbGoesFromRowToRowOutside() {
        Strand climb =
                of("-1 +2\ns2: -2 +1\ns3: -1", folds(Supports.NONE), Kind.CLIMB).get(1);
        assertEquals(climb.view(), View.OUTSIDE);
        assertEquals(climb.points().get(0), new Strand.Point(20, 4));
        assertEquals(climb.points().get(climb.points().size() - 1), new Strand.Point(20, 9));
    }

    @Test
    public void aLinkReachesTowardsTheSignatureBelow() {
        Strand link =
                of("-1 +2\ns2: -2 +3 link -3", folds(Supports.NONE), Kind.LINK).get(0);
        assertTrue(link.points().get(1).acrossMm() < 4, link.toString());
        assertTrue(link.points().get(1).acrossMm() > -4, link.toString());
    }

    @Test
    public void aStitchUnderTheOneBelowDipsOnItsWay() {
        Strand under = of("-1 +2 -3 +4\ns2: -4 +3 under -2", folds(Supports.NONE), Kind.LINK)
                .get(0);
        assertEquals(under.points().get(0).acrossMm(), 4.0);
        assertTrue(under.points().get(1).acrossMm() < 4);
        assertEquals(under.points().get(2).acrossMm(), 4.0);
    }

    @Test
    public void theWayRoundTheTailOfACoverIsSeenInsideAndOutside() {
        List<Strand> strands = of("+1 -2 tail\ns2: +2 -1", folds(Supports.NONE));
        assertTrue(strands.stream()
                .anyMatch(strand ->
                        strand.view() == View.OUTSIDE && strand.points().get(0).alongMm() == 163));
        assertTrue(strands.stream()
                .anyMatch(strand -> strand.view() == View.INSIDE
                        && strand.points().get(strand.points().size() - 1).alongMm() == 163));
    }

    @Test
    public void aTurnOverTheCordCrossesIt() {
        Supports cord =
                new Supports(Set.of(), Length.ZERO, Length.ofMm(3), Length.ZERO, Length.ZERO, Set.of(), Length.ZERO);
        Strand over = of("+2 over -2", folds(cord), Kind.ROUND_SUPPORT).get(0);
        assertEquals(over.points().get(1).acrossMm() - over.points().get(0).acrossMm(), 3.0);
    }

    @Test
    public void aWrapIsSeenOnFrontSpineAndBack() {
        List<Strand> wraps = of("^1 spine ^1 ~2", BLOCK, Kind.WRAP);
        assertEquals(wraps.stream().map(Strand::view).toList(), List.of(View.FRONT, View.SPINE, View.BACK));
        assertEquals(wraps.get(1).points(), List.of(new Strand.Point(15, 0), new Strand.Point(15, 6)));
    }

    @Test
    public void aWrapRoundTheHeadIsNotSeenOnTheSpine() {
        List<Strand> wraps = of("^1 head ^1 ~2", BLOCK, Kind.WRAP);
        assertEquals(wraps.stream().map(Strand::view).toList(), List.of(View.FRONT, View.BACK));
        assertEquals(wraps.get(0).points().get(1), new Strand.Point(0, 10));
    }
}
