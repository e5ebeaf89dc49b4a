package itomichi.finding;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FormulaTest {

    @DataProvider
    Object[][] sums() {
        return new Object[][] {
            {"1 + 2 × 3", 7.0},
            {"(1 + 2) × 3", 9.0},
            {"8 − 3 − 2", 3.0},
            {"8 ÷ 2 ÷ 2", 2.0},
            {"⌈30 ÷ 4⌉", 8.0},
            {"⌈32 ÷ 4⌉", 8.0},
            {"√(9 + 16)", 5.0},
            {"π ÷ 2", Math.PI / 2},
            {"2 × a − b", 3.0},
        };
    }

    @Test(dataProvider = "sums")
    public void formulasAreWorkedOutAsOnPaper(String formula, double value) {
        assertEquals(Formula.of(formula).evaluate(Map.of("a", 2.0, "b", 1.0)::get), value, 1e-12);
    }

    @DataProvider
    Object[][] broken() {
        return new Object[][] {{"2 ×"}, {"(2 + 1"}, {"2 2"}, {""}, {"⌈2"}};
    }

    @Test(dataProvider = "broken")
    public void aBrokenFormulaSaysWhere(String formula) {
        String message = expectThrows(IllegalArgumentException.class, () -> Formula.of(formula))
                .getMessage();
        assertEquals(message.contains("place"), true, message);
    }

    @Test
    public void aWorkingWritesItsSumWithTheNumbersPutIn() {
        Working working = Working.by(Formula.of("2 × s × t"))
                .with("s", "sheets", Quantity.count(8))
                .with("t", "thickness", Quantity.of(Length.ofMm(0.168), Fineness.HAIR))
                .gives(Quantity.of(Length.ZERO, Fineness.MARK));
        assertEquals(working.sum(Unit.MM).replace('\u202f', ' '), "2 × 8 × 0.168 mm = 2.7 mm");
    }

    @Test
    public void aWorkingWithoutATermIsRefused() {
        Working.Builder working = Working.by(Formula.of("2 × s")).with("t", "not in it", Quantity.count(1));
        expectThrows(IllegalArgumentException.class, () -> working.gives(Quantity.count(0)));
    }
}
