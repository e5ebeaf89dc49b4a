package itomichi.book;

import static org.testng.Assert.assertEquals;

import itomichi.finding.Stage;
import itomichi.spec.BookSpec;
import java.util.EnumSet;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class OnBenchTest {

    private static OnBench after(BookSpec spec, Set<Stage> done) {
        return OnBench.of(Planner.plan(spec.withDone(done)));
    }

    @DataProvider
    Object[][] howFar() {
        return new Object[][] {
            {"pamphlet", null, OnBench.Made.PLANNED},
            {"pamphlet", Stage.PURPOSE, OnBench.Made.PLANNED},
            {"pamphlet", Stage.PAPER, OnBench.Made.CUT},
            {"pamphlet", Stage.GATHER, OnBench.Made.GATHERED},
            {"pamphlet", Stage.THREAD, OnBench.Made.GATHERED},
            // its cover is sewn with it
            {"pamphlet", Stage.SEW, OnBench.Made.BOUND},
            {"tapes", Stage.SEW, OnBench.Made.GATHERED},
            {"tapes", Stage.COVER, OnBench.Made.BOUND},
        };
    }

    @Test(dataProvider = "howFar")
    public void aBookLiesAsFarAsItIsMade(String structure, Stage last, OnBench.Made made) {
        Set<Stage> done = last == null ? EnumSet.noneOf(Stage.class) : EnumSet.range(Stage.PURPOSE, last);
        assertEquals(after(Books.bound(structure), done).made(), made);
    }

    /** Closed-form: a sheet folded once is as wide as two leaves. */
    @Test
    public void sheetsLieTwiceAsWideAsTheirLeaves() {
        OnBench flat = after(Books.sound(), Set.of(Stage.PAPER));
        assertEquals(flat.sheets().width().mm(), 2 * flat.block().width().mm(), 1e-6);
    }

    /** Closed-form: unfolded, each sheet lies once; pressed and folded, twice. */
    @Test
    public void flatSheetsAreHalfAsHighAsTheFoldedBlock() {
        BookPlan plan = Planner.plan(Books.linked(64));
        double pressedMm = plan.gathered()
                .folded()
                .orElseThrow()
                .block()
                .pressed()
                .result()
                .number();
        assertEquals(OnBench.of(plan).sheets().thickness().mm(), pressedMm / 2, 1e-3);
    }

    /** Single sheets are not folded: they lie as they are bound. */
    @Test
    public void singleSheetsLieAsTheirBlock() {
        OnBench stab = after(Books.bound("stab-four-hole"), Set.of(Stage.PAPER));
        assertEquals(stab.sheets().thickness(), stab.block().thickness());
    }
}
