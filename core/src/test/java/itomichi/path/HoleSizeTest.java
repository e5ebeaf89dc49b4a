package itomichi.path;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class HoleSizeTest {

    @DataProvider
    Object[][] packings() {
        return new Object[][] {
            // closed geometry: centres on a regular polygon of side 2, and six round one
            {1, 1.0},
            {2, 2.0},
            {3, 1 + 2 / Math.sqrt(3)},
            {4, 1 + Math.sqrt(2)},
            {5, 1 + 1 / Math.sin(Math.PI / 5)},
            {6, 3.0},
            {7, 3.0},
            {8, 1 + 1 / Math.sin(Math.PI / 7)},
            {13, 2 + Math.sqrt(5)},
            {19, 1 + Math.sqrt(2) + Math.sqrt(6)},
        };
    }

    @Test(dataProvider = "packings")
    public void theCircleRoundEqualThreadsIsKnown(int threads, double ratio) {
        assertEquals(HoleSize.packing(threads), ratio, 0.0001);
    }

    @Test
    public void theNeedleIsOftenTheWidest() {
        assertEquals(
                HoleSize.of(2, Length.ofMm(0.48), Length.ofMm(1.1)).result().number(), 1.1, 1e-9);
    }

    @Test
    public void manyThreadsAreWiderThanTheNeedle() {
        // 0.85 * 0.62 * 2.4142, by hand
        assertEquals(
                HoleSize.of(4, Length.ofMm(0.62), Length.ofMm(1.0)).result().number(), 1.272, 0.001);
    }

    @Test
    public void moreThreadsNeverFitASmallerHole() {
        for (int threads = 2; threads <= 60; threads++) {
            assertTrue(HoleSize.packing(threads) >= HoleSize.packing(threads - 1) - 1e-9, threads + " threads");
        }
    }

    @Test
    public void noHoleIsPlannedForNothing() {
        expectThrows(IllegalArgumentException.class, () -> HoleSize.packing(0));
    }
}
