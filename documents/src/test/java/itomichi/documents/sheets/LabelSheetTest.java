package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.imposing.Poppler;
import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.sheets.LabelSheet.Label;
import itomichi.spec.UnfitValueException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Labels where the sheets that are sold have them, measured in the file as poppler reads it. */
public class LabelSheetTest {

    private static final double WITHIN_MM = 0.2;
    /** Words begin so far inside their label. */
    private static final double INSIDE_MM = 4;

    private static List<Label> labels(int number) {
        return IntStream.rangeClosed(1, number)
                .mapToObj(i -> new Label("p" + i, List.of("copy " + i + " of " + number), ""))
                .toList();
    }

    private static Map<String, double[]> corners(LabelForm form, PrintPaper paper, PrinterCorrection correction)
            throws IOException, InterruptedException {
        Path file = Files.createTempFile("labels", ".pdf");
        try {
            Files.write(
                    file, PdfWriter.write(LabelSheet.draw("Slips", labels(form.onSheet()), form, paper, correction)));
            return Poppler.corners(file);
        } finally {
            Files.delete(file);
        }
    }

    /** Of the sheets as they are sold: left and upper margin, from label to label across and down, mm (from memory). */
    @DataProvider
    Object[][] sold() {
        return new Object[][] {
            {LabelForm.SMALL, PrintPaper.A4, 0.0, 0.5, 70.0, 37.0, 3},
            {LabelForm.LARGE, PrintPaper.A4, 4.65, 15.15, 101.6, 38.1, 2},
            {LabelForm.ADDRESS, PrintPaper.LETTER, 4.7625, 12.7, 69.85, 25.4, 3},
        };
    }

    @Test(dataProvider = "sold")
    public void everyLabelLiesWhereTheSheetHasIt(
            LabelForm form, PrintPaper paper, double leftMm, double topMm, double acrossMm, double downMm, int columns)
            throws Exception {
        Map<String, double[]> corners = corners(form, paper, PrinterCorrection.NONE);
        assertEquals(corners.size(), form.onSheet());
        // the body of the letters reaches a little above their size: the same on every label
        double above = corners.get("p1")[1] - topMm - INSIDE_MM;
        assertTrue(Math.abs(above) < 1.5, "first line " + above + " mm off");
        for (int i = 0; i < form.onSheet(); i++) {
            double[] at = corners.get("p" + (i + 1));
            assertEquals(at[0], leftMm + i % columns * acrossMm + INSIDE_MM, WITHIN_MM, "across, label " + (i + 1));
            int row = i / columns;
            assertEquals(at[1], topMm + row * downMm + INSIDE_MM + above, WITHIN_MM, "down, label " + (i + 1));
        }
    }

    /** A printer that prints 1 % too small is given 1 % more. */
    @Test
    public void thePrintersCorrectionMovesLabelsFromTheUpperLeftCorner() throws Exception {
        Map<String, double[]> straight = corners(LabelForm.LARGE, PrintPaper.A4, PrinterCorrection.NONE);
        Map<String, double[]> more = corners(LabelForm.LARGE, PrintPaper.A4, new PrinterCorrection(1.01, 0.99));
        assertEquals(more.get("p14")[0], straight.get("p14")[0] * 1.01, WITHIN_MM);
    }

    @Test
    public void whatDoesNotFitOnOneSheetGoesOnAnother() {
        Drawing drawing = LabelSheet.draw("Slips", labels(25), LabelForm.SMALL, PrintPaper.A4, PrinterCorrection.NONE);
        assertEquals(drawing.pages().size(), 2);
    }

    @Test
    public void labelsOfAnotherPaperAreRefused() {
        assertThrows(
                UnfitValueException.class,
                () -> LabelSheet.draw("Slips", labels(1), LabelForm.ADDRESS, PrintPaper.A4, PrinterCorrection.NONE));
    }

    @Test
    public void aLongColophonNeverRunsOutOfItsSlip() {
        Label wordy = new Label(
                "A name of a book that goes on and on until nobody listens",
                List.of("copy 1 of 2"),
                "word ".repeat(80));
        Drawing drawing =
                LabelSheet.draw("Slips", List.of(wordy), LabelForm.SLIPS, PrintPaper.A4, PrinterCorrection.NONE);
        double low = LabelForm.SLIPS.topMm(0, PrintPaper.A4) + LabelForm.SLIPS.heightMm();
        assertTrue(drawing.pages().get(0).shapes().stream()
                .filter(shape -> shape instanceof itomichi.documents.drawing.Shape.Words)
                .allMatch(shape -> ((itomichi.documents.drawing.Shape.Words) shape).yMm() < low));
    }
}
