package itomichi.punching;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What makes which hole: common practice, no source. */
public class ToolTest {

    @DataProvider
    Object[][] folds() {
        return new Object[][] {
            // width of the hole, stack, children, tool
            {1.1, 1.5, false, Tool.PRICKER},
            {1.1, 6.0, false, Tool.AWL},
            {2.0, 1.5, false, Tool.AWL},
            {4.0, 1.5, false, Tool.SCREW_PUNCH},
            {1.1, 1.5, true, Tool.PAPER_PUNCH},
        };
    }

    @Test(dataProvider = "folds")
    public void aFoldIsPrickedPunchedOrBored(double hole, double stack, boolean children, Tool tool) {
        assertEquals(Tool.throughFold(Length.ofMm(hole), Length.ofMm(stack), children), tool);
    }

    @DataProvider
    Object[][] blocks() {
        return new Object[][] {
            {1.6, 5.0, false, Tool.AWL},
            {1.6, 12.0, false, Tool.DRILL},
            {3.5, 5.0, false, Tool.DRILL},
            {1.6, 30.0, true, Tool.PAPER_PUNCH},
        };
    }

    @Test(dataProvider = "blocks")
    public void aThickBlockIsDrilled(double hole, double stack, boolean children, Tool tool) {
        assertEquals(Tool.throughSide(Length.ofMm(hole), Length.ofMm(stack), children), tool);
    }

    @DataProvider
    Object[][] stacks() {
        return new Object[][] {{25.0, 1}, {25.1, 2}, {50.0, 2}, {70.0, 3}, {0.1, 1}};
    }

    @Test(dataProvider = "stacks")
    public void aDrillTakesTwentyFiveMillimetresInOneGo(double stack, int batches) {
        assertEquals(Tool.DRILL.batches(Length.ofMm(stack)), batches);
    }

    @Test
    public void everyToolSaysWhatToTakeCareOf() {
        for (Tool tool : Tool.values()) {
            assertTrue(tool.care().endsWith("."), tool.words());
        }
    }

    @Test
    public void theHolesOfAListAreThoseOfItsLines() {
        assertEquals(
                new PunchList(List.of(
                                new PunchList.Tick(Phrase.of("one"), 5, 1),
                                new PunchList.Tick(Phrase.of("other"), 7, 1)))
                        .holes(),
                12);
    }
}
