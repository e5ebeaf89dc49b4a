package itomichi.recovery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.order.Folds;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Notation;
import itomichi.path.Pass;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RecoverySearchTest {

    private static ThreadPath path(String text) {
        return ((Notation.Parsed.Path) Notation.parse(text)).path();
    }

    /** The number of moves up to and with the so-many-th pass. */
    private static int after(ThreadPath path, int passes) {
        int seen = 0;
        for (int i = 0; i < path.moves().size(); i++) {
            seen += path.moves().get(i) instanceof Pass ? 1 : 0;
            if (seen == passes) {
                return i + 1;
            }
        }
        throw new AssertionError("so many passes there are not");
    }

    private static WayBack way(String text, int passes, int stations, int... strayed) {
        ThreadPath path = path(text);
        List<Hole> holes = new ArrayList<>();
        for (int hole : strayed) {
            holes.add(Folds.hole(hole));
        }
        return RecoverySearch.find(path, after(path, passes), holes, Folds.frame(stations));
    }

    private static final String FIVE = "+3 -2 +1 -2 +4 -5 +4 -3 tie";

    @Test
    public void aNeedleThatDidNotStrayGoesOnAsPlanned() {
        WayBack way = way(FIVE, 3, 5);
        assertEquals(List.of(way.unpicked(), way.asPlanned()), List.of(0, true));
    }

    @Test
    public void theTailBeforeTheHeadCanStay() {
        // out at the centre, then towards the tail instead of the head: the mirror of the plan
        WayBack way = way(FIVE, 1, 5, 4);
        assertEquals(way.unpicked(), 0);
        assertEquals(Notation.write(way.path()), "+3 -4 +5 -4 +2 -1 +2 -3 tie");
    }

    @Test
    public void aStitchThePatternDoesNotHaveIsUnpicked() {
        // from the centre past hole 2 straight to hole 1
        WayBack way = way(FIVE, 1, 5, 1);
        assertEquals(List.of(way.unpicked(), way.asPlanned()), List.of(1, true));
    }

    @Test
    public void twoWrongHolesAreUnpickedWhereTheFirstWasWrong() {
        assertEquals(way(FIVE, 1, 5, 1, 2).unpicked(), 2);
    }

    @Test
    public void onlyTheSecondIsUnpickedWhereTheFirstCanStay() {
        // from 4 over the centre to 2 the tail would be left behind; from 4 to 1 no stitch lies
        assertEquals(way(FIVE, 1, 5, 4, 2).unpicked(), 1);
        assertEquals(way(FIVE, 1, 5, 4, 1).unpicked(), 1);
    }

    @Test
    public void aHoleOfAnotherSignatureIsRefused() {
        ThreadPath path = path(FIVE);
        expectThrows(
                IllegalArgumentException.class,
                () -> RecoverySearch.find(path, after(path, 1), List.of(new Hole(2, 1)), Folds.frame(5)));
    }

    @Test
    public void theOtherSignaturesStayAsPlanned() {
        String text = "-1 +2 -2 +3 -3 +4\ns2: -4 +3 link -3 +2 link -2 +1 tie\ns3: -1 +2 link -2 +3 link -3 +4 kettle";
        ThreadPath path = path(text);
        var frame = itomichi.path.FoldFrame.even(
                Folds.frame(4).stations(),
                3,
                itomichi.measure.Length.ofMm(1),
                itomichi.measure.Length.ofMm(3),
                itomichi.measure.Length.ofMm(0.5),
                itomichi.measure.Length.ofMm(50));
        // in signature 2, from inside hole 4 past 3 to 2
        WayBack way = RecoverySearch.find(path, after(path, 7), List.of(new Hole(2, 2)), frame);
        assertEquals(way.unpicked(), 1);
        assertEquals(way.path(), path);
    }

    @DataProvider
    Object[][] everywhere() {
        List<Object[]> rows = new ArrayList<>();
        for (String text : List.of(FIVE, "+4 -3 +2 -1 +2 -3 +5 -6 +7 -6 +5 -4 tie", "+2 -1 +2 -3 +4 -3 ~2 tie")) {
            ThreadPath path = path(text);
            int passes =
                    path.passes().values().stream().mapToInt(Integer::intValue).sum();
            int stations = path.passes().size();
            for (int done = 1; done <= passes; done++) {
                for (int wrong = 1; wrong <= stations; wrong++) {
                    for (int then = 1; then <= stations; then++) {
                        rows.add(new Object[] {text, done, stations, new int[] {wrong, then}});
                    }
                }
            }
        }
        return rows.toArray(Object[][]::new);
    }

    /** From every place, after any two wrong holes: what is sewn in the end is the pattern that was wanted. */
    @Test(dataProvider = "everywhere")
    public void theWantedPatternIsSewnInTheEnd(String text, int done, int stations, int[] strayed) {
        WayBack way = way(text, done, stations, strayed);
        assertEquals(counted(way.path()), counted(path(text)));
    }

    /** Against brute force: with fewer passes taken back every order of what is left is tried, and none ends where it must. */
    @Test(dataProvider = "everywhere")
    public void nothingThatCouldStayIsUnpicked(String text, int done, int stations, int[] strayed) {
        ThreadPath plan = path(text);
        List<Move> really = new ArrayList<>(plan.moves().subList(0, after(plan, done)));
        for (int hole : strayed) {
            Spot here = really.get(really.size() - 1).end();
            if (here.hole().station() != hole) {
                really.add(new Run(here.hole(), Folds.hole(hole), here.face()));
            }
            really.add(new Pass(Folds.hole(hole), here.face().opposite()));
        }
        int unpicked = way(text, done, stations, strayed).unpicked();
        for (int fewer = 0; fewer < unpicked; fewer++) {
            assertFalse(finishes(plan, really), unpicked + " unpicked where " + fewer + " would do");
            do {
                really.remove(really.size() - 1);
            } while (!really.get(really.size() - 1).passes());
        }
        assertTrue(finishes(plan, really), "it goes on from there");
    }

    private static boolean finishes(ThreadPath plan, List<Move> sewn) {
        Map<StitchPattern.Stitch, Integer> left = counted(plan);
        for (var stitch : counted(new ThreadPath(sewn)).entrySet()) {
            if (left.merge(stitch.getKey(), -stitch.getValue(), Integer::sum) < 0) {
                return false;
            }
        }
        if (left.values().stream().allMatch(number -> number == 0)) {
            // passes to and fro through one hole hold nothing: only what was sewn as planned can stay
            return sewn.equals(plan.moves().subList(0, sewn.size()));
        }
        List<Run> runs = plan.moves(Run.class);
        return tried(
                sewn.get(sewn.size() - 1).end(), left, runs.get(runs.size() - 1).end());
    }

    /** Stitch and pass by turns, whichever stitch of those left lies where the thread is. */
    private static boolean tried(Spot here, Map<StitchPattern.Stitch, Integer> left, Spot arrival) {
        for (var entry : List.copyOf(left.entrySet())) {
            StitchPattern.Stitch stitch = entry.getKey();
            boolean lies = stitch.face() == here.face()
                    && (stitch.first().equals(here.hole()) || stitch.second().equals(here.hole()));
            if (lies && entry.getValue() > 0) {
                Hole there = stitch.first().equals(here.hole()) ? stitch.second() : stitch.first();
                left.merge(stitch, -1, Integer::sum);
                boolean last = left.values().stream().allMatch(number -> number == 0);
                boolean ends = last
                        ? new Spot(there, here.face()).equals(arrival)
                        : tried(new Spot(there, here.face().opposite()), left, arrival);
                left.merge(stitch, 1, Integer::sum);
                if (ends) {
                    return true;
                }
            }
        }
        return false;
    }

    private static Map<StitchPattern.Stitch, Integer> counted(ThreadPath path) {
        Map<StitchPattern.Stitch, Integer> counted = new HashMap<>();
        StitchPattern.leftBy(path).stitches().forEach(stitch -> counted.merge(stitch, 1, Integer::sum));
        return counted;
    }
}
