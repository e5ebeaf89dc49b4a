package itomichi.documents.sheets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.cutting.Demand;
import itomichi.cutting.Knife;
import itomichi.cutting.StockCutter;
import itomichi.cutting.StockPlan;
import itomichi.cutting.StockSheet;
import itomichi.cutting.StockWish;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.pdf.PdfWriter;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

/** The printed plan of what is cut for several books. */
public class SharedCutsSheetTest {

    private static final StockPlan PLAN = StockCutter.plan(new StockWish(
            List.of(
                    new Demand(Length.ofMm(148), Length.ofMm(214), 30),
                    new Demand(Length.ofMm(21.5), Length.ofMm(214), 15)),
            true,
            List.of(new StockSheet(
                    new Supply(
                            Length.ofMm(700),
                            Length.ofMm(1000),
                            SheetGrain.ALONG_HEIGHT,
                            Length.ZERO,
                            Optional.empty(),
                            Optional.empty()),
                    false)),
            Knife.ALONG_A_RULE));

    private static Drawing drawn(Unit unit) {
        return SharedCutsSheet.draw(
                new SharedCutsSheet.Wanted(PLAN, List.of("Grey board"), List.of("Boards, Log", "Spine piece, Log")),
                PrintPaper.A4,
                LocalDate.of(2026, 11, 27),
                unit);
    }

    private static String text(Unit unit) throws IOException {
        try (PDDocument document = Loader.loadPDF(PdfWriter.write(drawn(unit)))) {
            return new PDFTextStripper().getText(document).replace('\u202f', ' ');
        }
    }

    @Test
    public void everyWayOfPartingASheetHasItsPage() {
        assertEquals(drawn(Unit.MM).pages().size(), PLAN.sheets().size());
    }

    @Test
    public void everySizeIsNamedWithWhatItIsFor() throws IOException {
        String text = text(Unit.MM);
        assertTrue(text.contains("148 mm × 214 mm: Boards, Log"), text);
        assertTrue(text.contains("21.5 mm × 214 mm: Spine piece, Log"), text);
    }

    @Test
    public void sizesAreReadInInchesToo() throws IOException {
        assertTrue(text(Unit.INCH).contains("in × "), text(Unit.INCH));
    }

    @Test
    public void nothingToCutIsSaid() throws IOException {
        StockPlan nothing =
                StockCutter.plan(new StockWish(List.of(), true, PLAN.wish().stock(), Knife.ALONG_A_RULE));
        Drawing drawing = SharedCutsSheet.draw(
                new SharedCutsSheet.Wanted(nothing, List.of("Grey board"), List.of()),
                PrintPaper.A4,
                LocalDate.of(2026, 11, 27),
                Unit.MM);
        assertEquals(drawing.pages().size(), 1);
    }
}
