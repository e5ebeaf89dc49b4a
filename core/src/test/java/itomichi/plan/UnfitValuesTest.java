package itomichi.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.expectThrows;

import itomichi.material.Grain;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class UnfitValuesTest {

    private interface Attempt {
        BookSpec make(BookSpec sound);
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {"extent.number", (Attempt) sound -> sound.withPages(0)},
            {"extent.number", (Attempt) sound -> sound.withPages(40_000)},
            {
                "leaf.widthMm",
                (Attempt) sound -> sound.withLeaf(new BookSpec.Leaf(Length.ofMm(5), Length.ofMm(210), false))
            },
            {
                "leaf.heightMm",
                (Attempt) sound -> sound.withLeaf(new BookSpec.Leaf(Length.ofMm(148), Length.ofMm(2000), false))
            },
            {"paper.grammageGsm", (Attempt) sound -> sound.withPaper(Books.paper(5, Grain.UNKNOWN))},
            {"stations.count", (Attempt) sound -> sound.withStations(Books.margins(4, 20))},
            {"stations.count", (Attempt) sound -> sound.withStations(Books.margins(33, 20))},
            {"stations.placedMm", (Attempt) sound -> sound.withStations(Books.placed(20, 10, 30))},
            {"stations.headMm", (Attempt) sound -> sound.withStations(Books.margins(3, 0))},
            {"thread.tailMm", (Attempt) sound -> sound.withSewing(Books.sewing(1, 5, 1))},
            {"thread.strands", (Attempt) sound -> sound.withSewing(Books.sewing(3, 75, 1))},
            {"name", (Attempt) sound -> sound.withTitle(new BookSpec.Title("   ", "", Unit.MM))},
            {"name", (Attempt) sound -> sound.withTitle(new BookSpec.Title("x".repeat(81), "", Unit.MM))},
        };
    }

    @Test(dataProvider = "unfit")
    public void aValueNoBookCanHaveIsRefusedByItsField(String field, Attempt attempt) {
        assertEquals(
                expectThrows(UnfitValueException.class, () -> attempt.make(Books.sound()))
                        .field(),
                field);
    }

    @Test(dataProvider = "unfit")
    public void theRefusalIsOneLine(String field, Attempt attempt) {
        String message = expectThrows(UnfitValueException.class, () -> attempt.make(Books.sound()))
                .getMessage();
        assertFalse(message.isBlank() || message.contains("\n"), message);
    }
}
