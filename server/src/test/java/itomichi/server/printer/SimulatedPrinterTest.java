package itomichi.server.printer;

import static org.testng.Assert.assertEquals;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.measure.Length;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A printer with an error, set right by what its bars measure. */
public class SimulatedPrinterTest {

    private static Drawing bars(PrinterCorrection correction) {
        List<Shape> shapes = List.of(
                new Shape.Line(20, 20, 120, 20, Pen.CHECK),
                new Shape.Line(20, 30, 20, 130, Pen.CHECK),
                new Shape.Line(0, 0, 190, 250, Pen.NOTE));
        return new Drawing(
                "Bars",
                List.of(new Drawing.Page(
                        210,
                        297,
                        shapes.stream()
                                .map(shape -> shape.stretched(correction.across(), correction.along()))
                                .toList())));
    }

    @DataProvider
    Object[][] printers() {
        return new Object[][] {
            {SimulatedPrinter.USUAL},
            {new SimulatedPrinter(1, 1)},
            {new SimulatedPrinter(1.03, 0.95)},
            {new SimulatedPrinter(0.93, 0.93)},
        };
    }

    @Test(dataProvider = "printers")
    public void onceItsBarsAreToldItPrintsTrueToTwoInAThousand(SimulatedPrinter printer) {
        Drawing first = printer.print(bars(PrinterCorrection.NONE));
        // a rule is read to a tenth of a millimetre
        Length across = read(SimulatedPrinter.levelBar(first));
        Length along = read(SimulatedPrinter.uprightBar(first));
        PrinterCorrection correction =
                PrinterCorrection.fromBars(Length.ofMm(100), across, along, PrinterCorrection.NONE);
        Drawing second = printer.print(bars(correction));
        assertEquals(SimulatedPrinter.levelBar(second).mm(), 100, 0.2);
        assertEquals(SimulatedPrinter.uprightBar(second).mm(), 100, 0.2);
    }

    private static Length read(Length bar) {
        return Length.ofMm(Math.round(bar.mm() * 10) / 10.0);
    }

    @Test
    public void thePaperStaysAsItIs() {
        Drawing print = SimulatedPrinter.USUAL.print(bars(PrinterCorrection.NONE));
        assertEquals(print.pages().get(0).widthMm() + " " + print.pages().get(0).heightMm(), "210.0 297.0");
    }

    @Test
    public void itIsOffByAsMuchAsItSays() {
        Drawing print = SimulatedPrinter.USUAL.print(bars(PrinterCorrection.NONE));
        assertEquals(SimulatedPrinter.levelBar(print).mm(), 97.3, 0.001);
        assertEquals(SimulatedPrinter.uprightBar(print).mm(), 101.2, 0.001);
    }
}
