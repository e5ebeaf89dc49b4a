package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.material.Fibre;
import itomichi.material.SewingThread;
import itomichi.material.ThreadCount;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.HoleSize;
import itomichi.path.Knot;
import itomichi.path.Move;
import itomichi.path.Run;
import itomichi.plan.SewingPlan;
import itomichi.plan.ThreadParting;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.StitchWish;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How a thread is parted, what it is joined at, which one to take. */
public class ThreadsTest {

    private static SewingPlan parted(StitchWish.Threads threads) {
        BookSpec spec = Books.linked(320);
        return Planner.plan(spec.withStitch(spec.stitch().withThreads(threads))).sewn();
    }

    @Test
    public void oneLengthIsOneLength() {
        assertEquals(parted(StitchWish.Threads.ONE).need().pieces().size(), 1);
    }

    @Test
    public void oneForEachSignatureIsAsManyAsSignatures() {
        SewingPlan plan = parted(StitchWish.Threads.EACH);
        assertEquals(plan.need().pieces().size(), plan.choice().signatures());
    }

    @Test
    public void lengthsInWorkAreAboutEvenAndNoneTooLong() {
        SewingPlan plan = parted(StitchWish.Threads.WORKABLE);
        double heightMm = plan.spec().leaf().height().mm();
        double tailsMm = 2 * 75 + 60;
        List<Double> heights = plan.need().pieces().stream()
                .map(piece -> (piece.mm() / 1.03 - tailsMm) / heightMm)
                .toList();
        assertTrue(heights.stream().allMatch(one -> one <= 12.05), heights.toString());
        double least = heights.stream().mapToDouble(one -> one).min().orElseThrow();
        double most = heights.stream().mapToDouble(one -> one).max().orElseThrow();
        assertTrue(most - least < 2.2, "one signature apart at the most: " + heights);
    }

    @Test
    public void everyJoinAddsTwoTailsAndAKnot() {
        SewingPlan one = parted(StitchWish.Threads.ONE);
        SewingPlan each = parted(StitchWish.Threads.EACH);
        int joins = each.need().pieces().size() - 1;
        double knotMm = 2 * 12 * each.frame().threadMm();
        double moreMm =
                each.need().cut().result().number() - one.need().cut().result().number();
        assertEquals(moreMm, joins * (knotMm * 1.03 + 2 * 75 + 60), 1);
    }

    @Test
    public void threadsAreJoinedWhereASignatureIsLeft() {
        List<Move> moves = parted(StitchWish.Threads.EACH).path().moves();
        for (int i = 3; i < moves.size() - 1; i++) {
            if (moves.get(i) instanceof Knot && moves.get(i - 1) instanceof itomichi.path.Tail) {
                assertTrue(moves.get(i + 1) instanceof Run run && run.climbs(), "after a join: " + moves.get(i + 1));
            }
        }
    }

    @Test
    public void aPartedThreadPassesTheChecksToo() {
        assertEquals(parted(StitchWish.Threads.EACH).pathFaults(), List.of());
    }

    @DataProvider
    Object[][] lengths() {
        return new Object[][] {
            {new double[] {5, 5, 5, 5}, 10.0, new int[] {1, 3}},
            {new double[] {5, 5, 5}, 10.0, new int[] {1, 2}},
            {new double[] {20, 1, 1}, 10.0, new int[] {0, 2}},
            {new double[] {3, 3, 3, 3, 3, 3}, 100.0, new int[] {5}},
            {new double[] {4, 4, 4, 4, 4}, 12.0, new int[] {2, 4}},
        };
    }

    @Test(dataProvider = "lengths")
    public void theFewestLengthsAreTaken(double[] each, double most, int[] lastOf) {
        assertEquals(
                ThreadParting.evenly(each, most).length,
                lastOf.length,
                Arrays.toString(ThreadParting.evenly(each, most)));
    }

    /** Against every other parting into as few lengths: none has a shorter longest one. */
    @Test(dataProvider = "lengths")
    public void noOtherPartingIsMoreEven(double[] each, double most, int[] lastOf) {
        double longest = longest(each, ThreadParting.evenly(each, most));
        int cuts = lastOf.length - 1;
        for (int mask = 0; mask < 1 << (each.length - 1); mask++) {
            if (Integer.bitCount(mask) == cuts) {
                double other = 0;
                double inHand = 0;
                for (int i = 0; i < each.length; i++) {
                    inHand += each[i];
                    other = Math.max(other, inHand);
                    inHand = (mask >> i & 1) == 1 ? 0 : inHand;
                }
                assertTrue(longest <= other + 1e-6, "longest " + longest + ", another way " + other);
            }
        }
    }

    private static double longest(double[] each, int[] lastOf) {
        double longest = 0;
        int from = 0;
        for (int last : lastOf) {
            longest = Math.max(longest, Arrays.stream(each, from, last + 1).sum());
            from = last + 1;
        }
        return longest;
    }

    @Test
    public void doublingDoublesTheLength() {
        BookSpec linked = Books.linked(160);
        BookSpec spec =
                linked.withGathering(linked.gathering().withChosen(Optional.of(new GatherWish.Chosen(8, false))));
        SewingPlan single = Planner.plan(spec).sewn();
        SewingPlan doubled =
                Planner.plan(spec.withThread(spec.thread().withStrands(2))).sewn();
        double ratio = doubled.need().cut().result().number()
                / single.need().cut().result().number();
        // a little more than twice: it swells the spine, and the signatures lie farther apart
        assertTrue(ratio >= 2.0 && ratio <= 2.2, "" + ratio);
    }

    @Test
    public void theThickestThreadFillsItsHoleExactly() {
        // two threads of 0.5 mm want 0.85 × 0.5 × 2 = 0.85 mm (Graham and others 1998, from memory)
        assertEquals(HoleSize.thickest(Length.ofMm(0.85), 2).mm(), 0.5, 1e-6);
    }

    private static ThreadAdvice weighed(SewingThread thread, ThreadAdvice.Known known) {
        return ThreadWeighing.weigh(Planner.plan(Books.linked(160)), thread, known);
    }

    private static final SewingThread LINEN = new SewingThread("linen 30/3", Fibre.LINEN, new ThreadCount.Linen(30, 3));
    private static final ThreadAdvice.Known NOTHING =
            new ThreadAdvice.Known(Optional.empty(), Optional.empty(), Optional.empty(), false);

    private static String said(ThreadAdvice advice) {
        return advice.reasons().stream()
                .map(reason -> reason.words().in(Unit.MM))
                .toList()
                .toString();
    }

    @Test
    public void aSpoolThatIsNearlyEmptyIsSaidByHowMuch() {
        ThreadAdvice.Known little =
                new ThreadAdvice.Known(Optional.of(Length.ofMm(500)), Optional.empty(), Optional.empty(), false);
        ThreadAdvice advice = weighed(LINEN, little);
        assertTrue(
                said(advice).contains("0.5 m left on the spool") && said(advice).contains("too little"), said(advice));
    }

    @Test
    public void aThreadThatSnapsUnderAFirmPullIsWeighedDown() {
        ThreadAdvice.Known weak = new ThreadAdvice.Known(Optional.empty(), Optional.of(12.0), Optional.empty(), false);
        assertTrue(weighed(LINEN, weak).weight() < weighed(LINEN, NOTHING).weight());
    }

    @Test
    public void aThreadTooThickForThePlannedHolesNeedsOthers() {
        SewingThread rope = new SewingThread("rope", Fibre.COTTON, new ThreadCount.Tex(2500));
        assertTrue(said(weighed(rope, NOTHING)).contains("needs holes of"), said(weighed(rope, NOTHING)));
    }

    @Test
    public void whatSplitsIsSaidSo() {
        ThreadAdvice.Known loose = new ThreadAdvice.Known(Optional.empty(), Optional.empty(), Optional.of(false), true);
        assertTrue(said(weighed(LINEN, loose)).contains("split easily"));
    }

    @Test
    public void aThinnerLinenThanThatDoesNotBearAFirmPull() {
        Length thinnest = LINEN.thinnestFor(ThreadWeighing.FIRM_PULL_N);
        // 25 N by 40 cN/tex are 62.5 tex; from memory
        SewingThread same = new SewingThread("x", Fibre.LINEN, new ThreadCount.Tex(62.5));
        assertEquals(
                thinnest.at(Fineness.HAIR).in(Unit.MM),
                same.diameter().length().at(Fineness.HAIR).in(Unit.MM));
    }
}
