package itomichi.recovery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.measure.Unit;
import itomichi.path.SewingStep;
import itomichi.path.SewingStep.Kind;
import itomichi.plan.SewingPlan;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a learner's answer would do to the book. */
public class MisstepTest {

    private static final SewingPlan PAMPHLET = Planner.plan(Books.sound()).sewn();
    private static final SewingPlan LINKED = Planner.plan(Books.linked(160)).sewn();

    private static String wrong(SewingPlan plan, int done, Kind kind, int station) {
        Misstep misstep = Rehearsal.judge(plan, done, kind, station);
        assertFalse(misstep.right());
        return misstep.words().in(Unit.MM);
    }

    @DataProvider
    Object[][] plans() {
        return new Object[][] {
            {PAMPHLET},
            {LINKED},
            {Planner.plan(Books.bound("stab-tortoise-shell").withPages(40)).sewn()},
        };
    }

    @Test(dataProvider = "plans")
    public void whoKnowsTheWayIsAlwaysRight(SewingPlan plan) {
        List<SewingStep> steps = SewingStep.of(plan.path());
        for (int done = 0; done < steps.size(); done++) {
            SewingStep next = steps.get(done);
            assertTrue(Rehearsal.judge(plan, done, next.kind(), next.target().station())
                    .right());
        }
    }

    @DataProvider
    Object[][] wrongs() {
        return new Object[][] {
            // +3 -2 +1 -2 +4 -5 +4 -3 tie, so many steps done
            {0, Kind.PASS, 1, "both ends would not meet"},
            {1, Kind.PASS, 3, "through its own hole and hold nothing"},
            {1, Kind.PASS, 1, "long and loose on the outside"},
            {1, Kind.PASS, 4, "come out the same by another way"},
            {4, Kind.PASS, 3, "No stitch lies"},
            {7, Kind.PASS, 5, "A stitch lies there already"},
            {3, Kind.TIE, 0, "still to be sewn"},
            {8, Kind.PASS, 2, "ends are knotted"},
        };
    }

    @Test(dataProvider = "wrongs")
    public void aWrongAnswerIsExplainedByWhatItWouldDo(int done, Kind kind, int station, String words) {
        String said = wrong(PAMPHLET, done, kind, station);
        assertTrue(said.contains(words), said);
    }

    @Test
    public void withoutAKettleTheSignatureHangsLoose() {
        List<SewingStep> steps = SewingStep.of(LINKED.path());
        int kettle = 0;
        while (steps.get(kettle).kind() != Kind.KETTLE) {
            kettle++;
        }
        assertTrue(wrong(LINKED, kettle, Kind.PASS, 1).contains("is not held to the one below"));
    }

    @Test
    public void aSlantingClimbPullsTheFoldsOutOfLine() {
        List<SewingStep> steps = SewingStep.of(LINKED.path());
        int climb = 0;
        while (steps.get(climb).target().signature() == 1) {
            climb++;
        }
        assertTrue(wrong(LINKED, climb, Kind.PASS, 2).contains("out of line"));
    }

    @Test
    public void whatIsNotThereIsRefused() {
        expectThrows(IllegalArgumentException.class, () -> Rehearsal.judge(PAMPHLET, 9, Kind.PASS, 1));
        expectThrows(IllegalArgumentException.class, () -> Rehearsal.judge(PAMPHLET, 1, Kind.PASS, 9));
        assertEquals(SewingStep.of(PAMPHLET.path()).size(), 9);
    }
}
