package itomichi.server.instrument;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import java.util.stream.DoubleStream;
import org.testng.annotations.Test;

/** A caliper that behaves like one: never twice the same, never far off. */
public class SimulatedCaliperTest {

    private static final int READINGS = 400;

    private final double[] readings = readings(20);

    private static double[] readings(int sheets) {
        SimulatedCaliper caliper = new SimulatedCaliper(new Random(7));
        caliper.lay(SimulatedCaliper.Stuff.GREY_STACK, sheets);
        return DoubleStream.generate(() -> caliper.read().mm()).limit(READINGS).toArray();
    }

    @Test
    public void manyReadingsMeetInTheMiddle() {
        assertEquals(DoubleStream.of(readings).average().orElseThrow(), 20 * 0.168, 0.01);
    }

    @Test
    public void readingsScatterByAFewHundredths() {
        double mean = DoubleStream.of(readings).average().orElseThrow();
        double spread = Math.sqrt(DoubleStream.of(readings)
                .map(mm -> (mm - mean) * (mm - mean))
                .average()
                .orElseThrow());
        assertTrue(spread > 0.01 && spread < 0.05, spread + " mm");
    }

    @Test
    public void theDisplayShowsHundredths() {
        assertTrue(DoubleStream.of(readings).allMatch(mm -> Math.abs(mm * 100 - Math.rint(mm * 100)) < 1e-6));
    }

    @Test
    public void aThickStackIsReadSurerThanAThinOne() {
        // the trade's reason for stacks of ten sheets and more: common practice, no source
        assertTrue(scatterOfASheet(readings(100), 100) < scatterOfASheet(readings(2), 2));
    }

    private static double scatterOfASheet(double[] stacks, int sheets) {
        double mean = DoubleStream.of(stacks).average().orElseThrow();
        return DoubleStream.of(stacks).map(mm -> Math.abs(mm - mean)).average().orElseThrow() / sheets;
    }
}
