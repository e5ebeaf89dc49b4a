package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.pdf.PdfWriter;
import itomichi.finding.Stage;
import itomichi.lookover.Check;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

/** The printed slip to look a book over by. */
public class LookSheetTest {

    private static final Check SWELL = new Check(
            "swell",
            Stage.SEW,
            Phrase.of("Thickness at the spine, sewn."),
            Optional.of(new Check.Measure(Length.ofMm(20), Length.ofMm(18), Length.ofMm(22), Fineness.BUNDLE)),
            Phrase.of("Knock it down."),
            Phrase.of("A wedge."));

    private static Drawing drawn(List<LookSheet.Line> lines) {
        return LookSheet.draw("Log", lines, PrintPaper.A4, LocalDate.of(2026, 11, 27), Unit.MM);
    }

    private static String text(Optional<Boolean> good, Optional<Length> measured) throws IOException {
        Drawing drawing = drawn(List.of(new LookSheet.Line(SWELL, good, measured)));
        try (PDDocument document = Loader.loadPDF(PdfWriter.write(drawing))) {
            return new PDFTextStripper().getText(document).replace('\u202f', ' ');
        }
    }

    @Test
    public void whatIsToBeMeasuredHasItsPlanAndRoomToWrite() throws IOException {
        String text = text(Optional.empty(), Optional.empty());
        assertTrue(text.contains("20 mm planned, good from 18 mm to 22 mm; measured ____"), text);
        assertFalse(text.contains("Not good"), text);
    }

    @Test
    public void whatWasNotGoodSaysWhatHelps() throws IOException {
        String text = text(Optional.of(false), Optional.of(Length.ofMm(25)));
        assertTrue(text.contains("measured 25 mm"), text);
        assertTrue(text.contains("Not good. Knock it down."), text);
    }

    /** Nothing is printed past the foot of a page. */
    @Test
    public void aLongSlipGoesOnOverPages() {
        Drawing drawing = drawn(Collections.nCopies(60, new LookSheet.Line(SWELL, Optional.empty(), Optional.empty())));
        assertEquals(drawing.pages().size(), 3);
    }
}
