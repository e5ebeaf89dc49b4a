package itomichi.cover;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.cover.CoverOrder.Placed;
import itomichi.cover.CoverStep.Part;
import itomichi.gathering.Back;
import itomichi.schedule.Lying;
import java.util.List;
import org.testng.annotations.Test;

/** What waits on what. */
public class CoverOrderTest {

    private static Placed placed(List<Placed> order, String key) {
        return order.stream()
                .filter(one -> one.step().key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static List<Placed> flatCase() {
        return CoverOrder.of(new FlatCase()
                .work(Blocks.cased(Blocks.a5(), Back.FLAT), CoverChoices.USUAL)
                .steps());
    }

    /** Common practice, no source: the case is made while the glued back dries. */
    @Test
    public void boardsAreGluedToTheStripWhileTheBackLies() {
        assertTrue(placed(flatCase(), "strip").meanwhile());
    }

    /** Once is enough: what follows goes on in the same time. */
    @Test
    public void onlyTheFirstOfSeveralStepsSaysThatAnotherLies() {
        assertFalse(placed(flatCase(), "cloth").meanwhile());
    }

    /** Common practice, no source: a joint is creased while its glue is wet. */
    @Test
    public void theCaseLiesAfterItsJointsAreCreased() {
        assertEquals(placed(flatCase(), "turn-in").step().lying(), Lying.NOT);
        assertEquals(placed(flatCase(), "spine").step().lying(), Lying.AN_HOUR_BOARDED);
    }

    @Test
    public void theBlockIsCasedInWhenCaseAndEndsAreBothReady() {
        List<Placed> order = flatCase();
        assertEquals(
                placed(order, "case-in").waitsOn(),
                List.of(placed(order, "spine").number(), placed(order, "ends").number()));
        assertFalse(placed(order, "case-in").meanwhile());
    }

    @Test
    public void aStepThatSaysNothingWaitsOnTheOneBefore() {
        List<Placed> order = CoverOrder.of(List.of(
                CoverStep.of("glue", Part.MAKE, "Glue.").lies(Lying.AN_HOUR),
                CoverStep.of("fold", Part.MAKE, "Fold.")));
        assertEquals(placed(order, "fold").waitsOn(), List.of());
        assertFalse(placed(order, "fold").meanwhile());
    }

    @Test
    public void whatWaitsOnAStepThatIsNotThereWaitsOnTheOneBefore() {
        List<Placed> order = CoverOrder.of(List.of(
                CoverStep.of("glue", Part.MAKE, "Glue.").lies(Lying.AN_HOUR),
                CoverStep.of("fold", Part.MAKE, "Fold.").after("round-boards")));
        assertFalse(placed(order, "fold").meanwhile());
    }
}
