package itomichi.documents.pdf;

import static org.testng.Assert.assertEquals;

import itomichi.documents.SamplePlans;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.sheets.FoldStripSheet;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.measure.Unit;
import itomichi.plan.BookPlan;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The PDF as a printer would see it: rasterised by poppler's pdftoppm, which shares no code with PDFBox, and measured in pixels. */
public class PrintedSizeTest {

    private static final int DPI = 400;
    private static final double MM_PER_PIXEL = 25.4 / DPI;
    /** A level line between the strip's left edge and its fold, where only station lines cross. */
    private static final double PROBE_X_MM = 28;

    @DataProvider
    Object[][] folds() {
        return new Object[][] {
            {210.0, 5, Unit.MM, PrintPaper.A4},
            {105.0, 3, Unit.MM, PrintPaper.A4},
            {215.9, 5, Unit.INCH, PrintPaper.LETTER},
            {210.0, 5, Unit.MM, PrintPaper.LETTER},
        };
    }

    @Test(dataProvider = "folds")
    public void holesArePrintedWhereThePlanSays(double heightMm, int stations, Unit unit, PrintPaper paper)
            throws Exception {
        BookPlan plan = SamplePlans.pamphlet("Cues", heightMm, stations, unit);
        List<Double> lines =
                lines(raster(strip(plan, paper, PrinterCorrection.NONE)).get(0), PROBE_X_MM);
        // head edge, stations, tail edge
        assertEquals(lines.size(), stations + 2, lines.toString());
        for (int station = 1; station <= stations; station++) {
            assertEquals(
                    lines.get(station) - lines.get(0),
                    plan.sewn().stations().at(station).mm(),
                    0.2,
                    "station " + station);
        }
    }

    @Test
    public void bothCheckBarsAreTrue() throws Exception {
        BufferedImage image = raster(
                        strip(SamplePlans.pamphlet("Cues", 210, 5, Unit.MM), PrintPaper.A4, PrinterCorrection.NONE))
                .get(0);
        assertEquals(longestLine(image, true), 100, 0.2);
        assertEquals(longestLine(image, false), 100, 0.2);
    }

    @Test
    public void aLongStripGoesOnAcrossTheJoin() throws Exception {
        BookPlan plan = SamplePlans.pamphlet("Flies", 420, 7, Unit.MM);
        List<BufferedImage> pages = raster(strip(plan, PrintPaper.A4, PrinterCorrection.NONE));
        List<Double> first = lines(pages.get(0), PROBE_X_MM);
        List<Double> second = lines(pages.get(1), PROBE_X_MM);
        // On the first page the join line is the last but one; on the second the second.
        double join = first.get(first.size() - 2);
        double past = plan.sewn().stations().at(7).mm() - (join - first.get(0));
        assertEquals(second.get(second.size() - 2) - second.get(1), past, 0.2);
    }

    @Test
    public void aPrinterThatShrinksIsCorrectedByItsBars() throws Exception {
        double shrinks = 0.973;
        PrinterCorrection correction = PrinterCorrection.fromBars(
                itomichi.measure.Length.ofMm(100),
                itomichi.measure.Length.ofMm(97.3),
                itomichi.measure.Length.ofMm(97.3),
                PrinterCorrection.NONE);
        BookPlan plan = SamplePlans.pamphlet("Cues", 210, 5, Unit.MM);
        List<Double> lines =
                lines(raster(strip(plan, PrintPaper.A4, correction)).get(0), PROBE_X_MM * correction.across());
        assertEquals((lines.get(5) - lines.get(0)) * shrinks, 190, 0.2 + 190 * 0.002);
    }

    @Test
    public void theSheetNamesTheBookTheDayAndTheUnit() throws Exception {
        String text = text(strip(SamplePlans.pamphlet("Cues", 210, 5, Unit.MM), PrintPaper.A4, PrinterCorrection.NONE));
        for (String wanted : List.of("Cues", "2026-11-24", "measures in mm", "HEAD", "TAIL", "revision 4")) {
            assertEquals(text.contains(wanted), true, wanted + " in " + text);
        }
    }

    @Test
    public void lettersTheFaceLacksAreMarkedAndDoNotBreakTheSheet() throws Exception {
        String text = text(
                strip(SamplePlans.pamphlet("Moth 糸道 & <b>", 210, 5, Unit.MM), PrintPaper.A4, PrinterCorrection.NONE));
        assertEquals(text.contains("Moth ?? & <b>"), true, text);
    }

    @Test
    public void aPlanThatCannotBeMadeSaysSoOnTheSheet() throws Exception {
        BookPlan plan = SamplePlans.of(
                "Cues",
                210,
                new itomichi.station.StationScheme.Placed(List.of(
                        itomichi.measure.Length.ofMm(1),
                        itomichi.measure.Length.ofMm(105),
                        itomichi.measure.Length.ofMm(190))),
                Unit.MM);
        assertEquals(text(strip(plan, PrintPaper.A4, PrinterCorrection.NONE)).contains("STOP. Do not punch"), true);
    }

    @Test
    public void theSamePlanGivesTheSameBytes() {
        BookPlan plan = SamplePlans.pamphlet("Cues", 210, 5, Unit.MM);
        assertEquals(
                strip(plan, PrintPaper.A4, PrinterCorrection.NONE), strip(plan, PrintPaper.A4, PrinterCorrection.NONE));
    }

    private static byte[] strip(BookPlan plan, PrintPaper paper, PrinterCorrection correction) {
        Drawing drawing = FoldStripSheet.draw(plan, paper, correction, LocalDate.of(2026, 11, 24), 4);
        return PdfWriter.write(drawing);
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static List<BufferedImage> raster(byte[] pdf) throws Exception {
        Path folder = Files.createTempDirectory("strip");
        Path file = Files.write(folder.resolve("strip.pdf"), pdf);
        Process poppler = new ProcessBuilder(
                        "pdftoppm",
                        "-r",
                        "" + DPI,
                        "-gray",
                        "-png",
                        file.toString(),
                        folder.resolve("page").toString())
                .inheritIO()
                .start();
        assertEquals(poppler.waitFor(), 0, "pdftoppm (Debian package poppler-utils)");
        List<BufferedImage> pages = new ArrayList<>();
        try (var files = Files.list(folder)) {
            for (Path page : files.filter(name -> name.toString().endsWith(".png"))
                    .sorted()
                    .toList()) {
                pages.add(ImageIO.read(page.toFile()));
            }
        }
        return pages;
    }

    /** Middles of the level lines that cross an upright probe, mm from the page's top. */
    private static List<Double> lines(BufferedImage image, double xMm) {
        int x = (int) Math.round(xMm / MM_PER_PIXEL);
        List<Double> middles = new ArrayList<>();
        int from = -1;
        for (int y = 0; y < image.getHeight(); y++) {
            boolean dark = dark(image, x, y) && dark(image, x + 4, y) && dark(image, x - 4, y);
            if (dark && from < 0) {
                from = y;
            } else if (!dark && from >= 0) {
                middles.add((from + y) / 2.0 * MM_PER_PIXEL);
                from = -1;
            }
        }
        return middles;
    }

    /** The longest unbroken line to the right of the strip, mm, between the middles of its end ticks: the check bar. */
    private static double longestLine(BufferedImage image, boolean level) {
        int left = (int) (58 / MM_PER_PIXEL);
        int outer = level ? image.getHeight() : image.getWidth();
        int inner = level ? image.getWidth() : image.getHeight();
        int longest = 0;
        for (int a = level ? 0 : left; a < outer; a++) {
            int run = 0;
            for (int b = level ? left : 0; b < inner; b++) {
                run = dark(image, level ? b : a, level ? a : b) ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
        }
        return longest * MM_PER_PIXEL - itomichi.documents.drawing.Pen.CHECK.widthMm();
    }

    private static boolean dark(BufferedImage image, int x, int y) {
        return (image.getRGB(x, y) & 0xff) < 150;
    }
}
