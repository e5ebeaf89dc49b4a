package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PrinterCorrectionTest {

    @Test
    public void aSecondMeasurementRefinesTheFirst() {
        PrinterCorrection first = PrinterCorrection.fromBars(
                Length.ofMm(100), Length.ofMm(97.3), Length.ofMm(101.2), PrinterCorrection.NONE);
        PrinterCorrection second =
                PrinterCorrection.fromBars(Length.ofMm(100), Length.ofMm(100.1), Length.ofMm(100), first);
        assertEquals(second.across() * 0.973, 1 / 1.001, 1e-4);
        assertEquals(second.along(), first.along(), 1e-12);
    }

    @DataProvider
    Object[][] absurd() {
        return new Object[][] {{0.0, 100.0}, {100.0, 0.0}, {40.0, 100.0}, {100.0, 140.0}};
    }

    @Test(dataProvider = "absurd")
    public void aBarThatCannotBeRightIsRefused(double acrossMm, double alongMm) {
        expectThrows(
                IllegalArgumentException.class,
                () -> PrinterCorrection.fromBars(
                        Length.ofMm(100), Length.ofMm(acrossMm), Length.ofMm(alongMm), PrinterCorrection.NONE));
    }
}
