package itomichi.documents.pdf;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.documents.Raster;
import itomichi.documents.SamplePlans;
import itomichi.documents.SampleSheets;
import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Pen;
import itomichi.documents.sheets.PrintPaper;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.documents.sheets.TemplateKind;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.station.RowScheme;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every hole of every template where the plan says, on paper; measured on the page as poppler rasterises it. */
public class PrintedSizeTest {

    private static final double WITHIN_MM = 0.2;
    /** Beside a hole, where its cross is met and its rim is not. */
    private static final double BESIDE_MM = 1.5;

    private static final RowScheme EQUAL = new RowScheme.EqualGaps();

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
    public void stationsOfAFoldedStripAreWhereThePlanSays(double heightMm, int stations, Unit unit, PrintPaper paper)
            throws Exception {
        BookPlan plan = SamplePlans.pamphlet("Cues", heightMm, stations, unit);
        Printed printed = print(plan, TemplateKind.FOLDED_STRIP, paper);
        for (int station = 1; station <= stations; station++) {
            double mm = plan.foldHoles().orElseThrow().stations().at(station).mm();
            assertEquals(printed.below(8, mm), mm, WITHIN_MM, "station " + station);
        }
    }

    @DataProvider
    Object[][] guides() {
        return new Object[][] {
            {"tapes", TemplateKind.SAWING_GUIDE, 4.0},
            {"link-stitch", TemplateKind.SAWING_GUIDE, 4.0},
            {"link-stitch", TemplateKind.FLAT_STRIP, 13.0},
            {"french-link", TemplateKind.FLAT_STRIP, 13.0},
        };
    }

    @Test(dataProvider = "guides")
    public void everyLineToSawOrMarkByIsWhereThePlanSays(String structure, TemplateKind kind, double acrossMm)
            throws Exception {
        BookPlan plan = SamplePlans.bound(structure, 210, 96, Unit.MM);
        Printed printed = print(plan, kind, PrintPaper.A4);
        for (Length station : plan.foldHoles().orElseThrow().punched().fromHead()) {
            assertEquals(printed.below(acrossMm, station.mm()), station.mm(), WITHIN_MM, kind.words());
        }
    }

    @Test
    public void everyHoleOfAPrickingCardIsWhereThePlanSays() throws Exception {
        BookPlan plan = SamplePlans.bound("long-stitch", 180, 96, Unit.MM);
        Printed printed = print(plan, TemplateKind.PRICKING_CARD, PrintPaper.LETTER);
        for (Length station : plan.foldHoles().orElseThrow().punched().fromHead()) {
            printed.hole(30, station.mm());
        }
    }

    @Test
    public void aTrimIsPunchedPast() throws Exception {
        BookPlan plan = SamplePlans.bound("link-stitch", 210, 96, Unit.MM);
        BookPlan trimmed = itomichi.book.Planner.plan(plan.spec()
                .withPapers(new itomichi.spec.Papers(
                        plan.spec().papers().all(), plan.spec().papers().cutting(), Length.ofMm(4))));
        Printed printed = print(trimmed, TemplateKind.FOLDED_STRIP, PrintPaper.A4);
        double first = trimmed.foldHoles().orElseThrow().stations().at(1).mm();
        assertEquals(printed.below(8, first + 4), first + 4, WITHIN_MM);
    }

    @DataProvider
    Object[][] covers() {
        return new Object[][] {
            {6, 232.0, 46.0, EQUAL, PrintPaper.A4, TemplateKind.SPINE_GRID},
            {6, 232.0, 46.0, new RowScheme.EdgeMargin(Length.ofMm(6)), PrintPaper.LETTER, TemplateKind.SPINE_GRID},
            {6, 232.0, 46.0, new RowScheme.Pitch(Length.ofMm(7)), PrintPaper.A4, TemplateKind.SPINE_GRID},
            {4, 160.0, 60.0, new RowScheme.OwnThickness(), PrintPaper.LETTER, TemplateKind.SPINE_GRID},
        };
    }

    @Test(dataProvider = "covers")
    public void everyCrossingOfASpineGridIsWhereThePlanSays(
            int signatures, double coverMm, double spineMm, RowScheme rows, PrintPaper paper, TemplateKind kind)
            throws Exception {
        BookPlan plan = SamplePlans.felt(signatures, coverMm, spineMm, rows, Unit.MM);
        Printed printed = print(plan, kind, paper);
        Holes.InFolds folds = plan.foldHoles().orElseThrow();
        Holes.InCover cover = folds.cover().orElseThrow();
        double head = cover.head().mm();
        double left = printed.spineLeftMm();
        for (Length row : cover.rows().fromLeft()) {
            for (Length station : folds.stations().fromHead()) {
                printed.hole(left + row.mm(), head + station.mm());
            }
        }
    }

    @DataProvider
    Object[][] blocks() {
        return new Object[][] {
            {"stab-tortoise-shell", 210.0, PrintPaper.A4},
            {"stab-running", 220.0, PrintPaper.LETTER},
        };
    }

    @Test(dataProvider = "blocks")
    public void everyHoleOfAStabStripIsWhereThePlanSays(String structure, double heightMm, PrintPaper paper)
            throws Exception {
        BookPlan plan = SamplePlans.bound(structure, heightMm, 48, Unit.MM);
        Printed printed = print(plan, TemplateKind.STAB_STRIP, paper);
        for (SideHole hole : plan.sideHoles().orElseThrow().holes()) {
            printed.hole(hole.fromSpine().mm(), hole.fromHead().mm());
        }
    }

    @DataProvider
    Object[][] tall() {
        return new Object[][] {
            {420.0, 7, PrintPaper.A4}, {330.0, 7, PrintPaper.LETTER}, {620.0, 9, PrintPaper.A4},
        };
    }

    @Test(dataProvider = "tall")
    public void aTallStripGoesOnAcrossEveryJoint(double heightMm, int stations, PrintPaper paper) throws Exception {
        BookPlan plan = SamplePlans.pamphlet("Flies", heightMm, stations, Unit.MM);
        Tiles tiles = Tiles.of(SampleSheets.of(plan, TemplateKind.FOLDED_STRIP).draw(paper, PrinterCorrection.NONE));
        for (int station = 1; station <= stations; station++) {
            double mm = plan.foldHoles().orElseThrow().stations().at(station).mm();
            assertEquals(tiles.fromHead(mm), mm, WITHIN_MM, "station " + station);
        }
    }

    @Test
    public void bothCheckBarsAreTrue() throws Exception {
        byte[] pdf =
                PdfWriter.write(SampleSheets.of(SamplePlans.pamphlet("Cues", 90, 3, Unit.MM), TemplateKind.FLAT_STRIP)
                        .draw(PrintPaper.A4, PrinterCorrection.NONE));
        Raster page = Raster.of(pdf).get(0);
        assertEquals(page.longestLine(true) - Pen.CHECK.widthMm(), 100, WITHIN_MM);
        assertEquals(page.longestLine(false) - Pen.CHECK.widthMm(), 100, WITHIN_MM);
    }

    @Test
    public void aPrinterThatShrinksIsCorrectedByItsBars() throws Exception {
        double across = 0.973;
        double along = 1.012;
        PrinterCorrection correction = PrinterCorrection.fromBars(
                Length.ofMm(100), Length.ofMm(100 * across), Length.ofMm(100 * along), PrinterCorrection.NONE);
        Drawing sheet = SampleSheets.of(SamplePlans.pamphlet("Cues", 90, 3, Unit.MM), TemplateKind.FLAT_STRIP)
                .draw(PrintPaper.A4, correction);
        Raster page = Raster.of(PdfWriter.write(sheet)).get(0);
        assertEquals((page.longestLine(true) - Pen.CHECK.widthMm()) * across, 100, 0.2);
        assertEquals((page.longestLine(false) - Pen.CHECK.widthMm()) * along, 100, 0.2);
    }

    @Test
    public void theSheetNamesTheBookTheDayAndTheUnit() throws Exception {
        String text = text(SamplePlans.pamphlet("Cues", 210, 5, Unit.MM));
        for (String wanted : List.of("Cues", "2026-11-24", "measures in mm", "HEAD", "TAIL", "revision 4")) {
            assertTrue(text.contains(wanted), wanted + " in " + text);
        }
    }

    @Test
    public void lettersTheFaceLacksAreMarkedAndDoNotBreakTheSheet() throws Exception {
        String text = text(SamplePlans.pamphlet("Moth 糸道 & <b>", 210, 5, Unit.MM));
        assertTrue(text.contains("Moth ?? & <b>"), text);
    }

    @Test
    public void aPlanThatCannotBeMadeSaysSoAcrossTheSheet() throws Exception {
        BookPlan plan = SamplePlans.of(
                "Cues",
                210,
                new StationScheme.Placed(List.of(Length.ofMm(1), Length.ofMm(105), Length.ofMm(190))),
                Unit.MM);
        assertTrue(text(plan).contains("STOP. Do not punch from this sheet."));
    }

    @Test
    public void theSamePlanGivesTheSameBytes() {
        BookPlan plan = SamplePlans.pamphlet("Cues", 210, 5, Unit.MM);
        Drawing sheet = SampleSheets.of(plan, TemplateKind.FOLDED_STRIP).draw(PrintPaper.A4, PrinterCorrection.NONE);
        assertEquals(PdfWriter.write(sheet), PdfWriter.write(sheet));
    }

    private static String text(BookPlan plan) throws Exception {
        Drawing sheet = SampleSheets.of(plan, TemplateKind.FOLDED_STRIP).draw(PrintPaper.A4, PrinterCorrection.NONE);
        try (PDDocument document = Loader.loadPDF(PdfWriter.write(sheet))) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static Printed print(BookPlan plan, TemplateKind kind, PrintPaper paper) throws Exception {
        Drawing sheet = SampleSheets.of(plan, kind).draw(paper, PrinterCorrection.NONE);
        return Printed.of(sheet);
    }

    /**
     * A template on its page.
     *
     * @param page the page
     * @param leftMm where its left edge is printed
     * @param headMm where its head edge is printed
     * @param spineLeftMm where the spine's left edge lies, from the left edge
     */
    private record Printed(Raster page, double leftMm, double headMm, double spineLeftMm) {

        static Printed of(Drawing sheet) throws Exception {
            int number = SampleSheets.firstWith(sheet, Pen.CUT);
            Raster page = Raster.of(PdfWriter.write(sheet)).get(number - 1);
            double left = SampleSheets.least(sheet, number, Pen.CUT, true);
            double head = SampleSheets.least(sheet, number, Pen.CUT, false);
            double spine = SampleSheets.has(sheet, number, Pen.FOLD)
                    ? SampleSheets.least(sheet, number, Pen.FOLD, true) - left
                    : 0;
            return new Printed(page, page.upright(left, head + 7), page.level(left + 10, head), spine);
        }

        /** How far below the head a level line is printed. */
        double below(double acrossMm, double wantedMm) {
            return page.level(leftMm + acrossMm, headMm + wantedMm) - headMm;
        }

        void hole(double acrossMm, double belowMm) {
            double across = page.upright(leftMm + acrossMm, headMm + belowMm + BESIDE_MM) - leftMm;
            double below = page.level(leftMm + acrossMm + BESIDE_MM, headMm + belowMm) - headMm;
            assertEquals(across, acrossMm, WITHIN_MM, "across, of the hole at " + acrossMm + " / " + belowMm);
            assertEquals(below, belowMm, WITHIN_MM, "down, of the hole at " + acrossMm + " / " + belowMm);
        }
    }

    /** A strip in parts, joining line on joining line. */
    private record Tiles(List<Tile> tiles) {

        /**
         * A part.
         *
         * @param page the page it is on
         * @param leftMm its left edge
         * @param topMm where it begins: the head edge, or the joining line
         * @param fromMm how far from the head that is
         * @param toMm where it ends
         */
        private record Tile(Raster page, double leftMm, double topMm, double fromMm, double toMm) {}

        static Tiles of(Drawing sheet) throws Exception {
            List<Raster> pages = Raster.of(PdfWriter.write(sheet));
            List<SampleSheets.Part> parts = SampleSheets.parts(sheet);
            List<Tile> tiles = new java.util.ArrayList<>();
            double from = 0;
            for (SampleSheets.Part part : parts) {
                Raster page = pages.get(part.page() - 1);
                double top = page.level(part.leftMm() + 9, part.topMm());
                double bottom = page.level(part.leftMm() + 9, part.bottomMm());
                tiles.add(new Tile(page, part.leftMm(), top, from, from + bottom - top));
                from += bottom - top;
            }
            return new Tiles(tiles);
        }

        double fromHead(double wantedMm) {
            Tile tile = IntStream.range(0, tiles.size())
                    .mapToObj(tiles::get)
                    .filter(one -> wantedMm >= one.fromMm() && wantedMm <= one.toMm())
                    .findFirst()
                    .orElseThrow();
            return tile.page().level(tile.leftMm() + 8, tile.topMm() + wantedMm - tile.fromMm())
                    - tile.topMm()
                    + tile.fromMm();
        }
    }
}
