package itomichi.order;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.path.Face;
import itomichi.path.Move;
import itomichi.path.Pass;
import itomichi.path.Spot;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class EulerTrailTest {

    private static Spot out(int station) {
        return new Spot(Folds.hole(station), Face.OUTSIDE);
    }

    private static Spot in(int station) {
        return new Spot(Folds.hole(station), Face.INSIDE);
    }

    private static String stations(Order order) {
        return order.sewn().stream()
                .filter(Pass.class::isInstance)
                .map(move -> (move.end().face() == Face.OUTSIDE ? "+" : "-")
                        + move.end().hole().station())
                .collect(Collectors.joining(" "));
    }

    @DataProvider
    Object[][] pamphlets() {
        // the usual orders of the trade between the first pass and the last: common practice, no published source
        return new Object[][] {
            {3, 2, "o1-2 o2-3 i1-3", "-1 +3"},
            {5, 3, "o1-2 o2-3 o3-4 o4-5 i1-2 i2-4 i4-5", "-2 +1 -2 +4 -5 +4"},
            {7, 4, "o1-2 o2-3 o3-4 o4-5 o5-6 o6-7 i1-2 i2-3 i3-5 i5-6 i6-7", "-3 +2 -1 +2 -3 +5 -6 +7 -6 +5"},
        };
    }

    @Test(dataProvider = "pamphlets")
    public void ofAllOrdersThatOfTheTradeIsPreferred(int stations, int centre, String runs, String order) {
        Question question = Folds.question(Folds.runs(runs), out(centre), out(centre), stations);
        assertEquals(stations(EulerTrail.find(question)), order);
    }

    @DataProvider
    Object[][] dice() {
        List<Object[]> rows = new ArrayList<>();
        Random dice = new Random(20261126);
        for (int i = 0; i < 300; i++) {
            rows.add(new Object[] {Folds.wandered(dice, 2 + dice.nextInt(12), 1 + dice.nextInt(40))});
        }
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "dice")
    public void whatOneThreadLeftOneThreadCanSew(Question question) {
        assertTrue(EulerTrail.find(question) instanceof Order.Found);
    }

    @Test(dataProvider = "dice")
    public void everyStitchIsSewnOnceAndTheNeedleGoesThroughAfterEach(Question question) {
        List<Move> left = new ArrayList<>(question.segments());
        Spot here = question.ready();
        boolean passes = false;
        for (Move move : EulerTrail.find(question).sewn()) {
            assertEquals(move.start(), here, "the thread is unbroken");
            assertEquals(move instanceof Pass, passes, "stitch and pass take turns");
            assertTrue(passes || left.remove(move) || left.remove(move.reversed()), "wanted: " + move);
            passes = !passes;
            here = move.end();
        }
        assertEquals(left, List.of());
        assertEquals(here, question.arrival());
    }

    @Test
    public void aHoleWithMoreEndsOnOneFaceIsNamed() {
        Question question = Folds.question(Folds.runs("o1-2 o2-3 i1-2"), in(3), in(3), 3);
        Order order = EulerTrail.find(question);
        assertEquals(order, new Order.Uneven(List.of(Folds.hole(3), Folds.hole(2))));
    }

    @Test
    public void partsThatDoNotHangTogetherAreNamed() {
        Question question = Folds.question(Folds.runs("o1-2 i1-2 o3-4 i3-4"), out(1), in(1), 4);
        assertEquals(EulerTrail.find(question), new Order.Separate(List.of(Folds.hole(1), Folds.hole(3))));
    }

    @DataProvider
    Object[][] small() {
        List<Object[]> rows = new ArrayList<>();
        Random dice = new Random(8);
        for (int stations = 2; stations <= 8; stations++) {
            for (int i = 0; i < 12; i++) {
                rows.add(new Object[] {Folds.wandered(dice, stations, 1 + dice.nextInt(9))});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    /** Against brute force: every stitch, either way, tried after every other, by plain lists. */
    @Test(dataProvider = "small")
    public void ordersAreCountedAsByTryingThemAll(Question question) {
        assertEquals(EulerTrail.count(question), tried(question.segments(), question.ready(), question.arrival()));
    }

    private static long tried(List<Move> left, Spot here, Spot arrival) {
        long ways = 0;
        for (int i = 0; i < left.size(); i++) {
            List<Move> rest = new ArrayList<>(left);
            Move segment = rest.remove(i);
            for (Move way : List.of(segment, segment.reversed())) {
                if (way.start().equals(here)) {
                    Spot there = way.end();
                    ways += rest.isEmpty()
                            ? (there.equals(arrival) ? 1 : 0)
                            : tried(rest, new Spot(there.hole(), there.face().opposite()), arrival);
                }
            }
        }
        return ways;
    }

    @Test
    public void moreThanCanBeCountedIsRefused() {
        Question question = Folds.wandered(new Random(1), 9, 25);
        expectThrows(IllegalArgumentException.class, () -> EulerTrail.count(question));
    }
}
