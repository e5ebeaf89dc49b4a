package itomichi.schedule;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How hands become quicker, against tables of the power law of practice in its unit form (handbooks of estimating, from memory). */
public class PracticeTest {

    /** Share of the first unit's time that the n-th takes, to four digits. */
    @DataProvider
    Object[][] units() {
        return new Object[][] {
            {1, 90, 1.0},
            {2, 90, 0.9},
            {4, 90, 0.81},
            {8, 90, 0.729},
            {10, 90, 0.7047},
            {100, 90, 0.4966},
            {2, 80, 0.8},
            {10, 80, 0.4765},
            {10, 70, 0.3058},
        };
    }

    @Test(dataProvider = "units")
    public void theNthTakesWhatTheTablesSay(int n, int percent, double share) {
        assertEquals(Practice.unit(n, percent), share, 0.00006);
    }

    /** Sums of units 1 to n, of the same tables. */
    @DataProvider
    Object[][] sums() {
        return new Object[][] {{1, 90, 1.0}, {2, 90, 1.9}, {10, 90, 7.994}, {10, 80, 6.315}, {25, 80, 12.309}};
    }

    @Test(dataProvider = "sums")
    public void allTogetherTakeWhatTheTablesAddUp(int copies, int percent, double sum) {
        assertEquals(Practice.of(copies, percent).inAll(), sum, 0.0006);
    }

    @Test
    public void handsThatBecomeNoQuickerTakeEachTimeTheSame() {
        assertEquals(Practice.of(12, Practice.ALL).share(), 1.0);
    }

    @Test
    public void oneMoreNeverTakesLongerThanTheOneBefore() {
        for (int n = 1; n < 200; n++) {
            assertTrue(Practice.unit(n + 1, 85) <= Practice.unit(n, 85));
        }
    }

    @Test
    public void noCopyIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Practice.of(0, 90));
    }

    @Test
    public void noTimeIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Practice.of(3, 0));
    }
}
