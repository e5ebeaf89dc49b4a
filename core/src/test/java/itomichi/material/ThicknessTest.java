package itomichi.material;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.finding.Source;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ThicknessTest {

    @Test
    public void bulkTimesWeightIsThickness() {
        // ISO 534: bulk is volume for mass; 80 g/m2 at 1.3 cm3/g is 0.104 mm
        assertEquals(paper(80, BulkKind.OFFICE), 0.104, 1e-6);
    }

    @Test
    public void aMeasuredStackWinsOverTheBulk() {
        Paper paper = new Paper(
                "scrap",
                Grammage.ofGsm(80),
                BulkKind.OFFICE,
                Optional.of(new MeasuredStack(20, Length.ofMm(2.4))),
                Grain.UNKNOWN);
        assertEquals(paper.thickness().result().number(), 0.12, 1e-6);
        assertEquals(paper.thickness().source(), Source.MEASURED);
    }

    @Test
    public void thicknessByBulkIsOnlySureToARange() {
        var range = new Paper("x", Grammage.ofGsm(100), BulkKind.OFFICE, Optional.empty(), Grain.UNKNOWN)
                .thickness()
                .range()
                .orElseThrow();
        assertTrue(range.low().number() < 0.13 && 0.13 < range.high().number());
    }

    @DataProvider
    Object[][] threads() {
        return new Object[][] {
            // hanks of 300 yd and 840 yd in a pound of 453.59237 g, in grams for 1000 m (ISO 1144); with the pencil
            {new ThreadCount.Linen(18, 3), Fibre.LINEN, 275.6, 1500},
            {new ThreadCount.Linen(25, 3), Fibre.LINEN, 198.4, 1500},
            {new ThreadCount.Linen(30, 3), Fibre.LINEN, 165.4, 1500},
            {new ThreadCount.Linen(40, 3), Fibre.LINEN, 124.0, 1500},
            {new ThreadCount.Cotton(20, 4), Fibre.COTTON, 118.1, 1520},
            {new ThreadCount.Tex(100), Fibre.POLYESTER, 100.0, 1380},
        };
    }

    @Test(dataProvider = "threads")
    public void threadCountsGiveTex(ThreadCount count, Fibre fibre, double tex, double kgPerM3) {
        assertEquals(new SewingThread("thread", fibre, count).tex(), tex, 0.1);
    }

    /** A kilometre of it, a rod six tenths full of fibre (common practice), weighs what its count says: closed geometry. */
    @Test(dataProvider = "threads")
    public void aKilometreOfThatDiameterWeighsItsTex(ThreadCount count, Fibre fibre, double tex, double kgPerM3) {
        double diameterMm =
                new SewingThread("thread", fibre, count).diameter().result().number();
        double litres = Math.PI / 4 * diameterMm * diameterMm;
        // diameters are kept to a micrometre
        assertEquals(litres * 0.6 * kgPerM3, tex, tex * 0.005);
    }

    @Test
    public void linenTexFollowsFromYardAndPound() {
        // 453.59237 g in 300 yd of 0.9144 m (definitions of 1959)
        assertEquals(ThreadCount.LINEN_TEX, 453.59237 / (300 * 0.9144) * 1000, 0.1);
        assertEquals(ThreadCount.COTTON_TEX, 453.59237 / (840 * 0.9144) * 1000, 0.1);
    }

    @Test
    public void aWoundThreadIsMeasured() {
        SewingThread thread = new SewingThread("found", Fibre.LINEN, new ThreadCount.Wound(20, Length.ofMm(11)));
        assertEquals(thread.diameter().result().number(), 0.55, 1e-6);
    }

    private static double paper(double gsm, BulkKind kind) {
        return new Paper("x", Grammage.ofGsm(gsm), kind, Optional.empty(), Grain.UNKNOWN)
                .thickness()
                .result()
                .number();
    }
}
