package itomichi.cutting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.measure.SheetSize;
import itomichi.measure.Unit;
import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.locationtech.jts.geom.Envelope;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CutterTest {

    private static final CutWish TEAR = new CutWish(CutWish.Manner.TEAR, true);
    private static final CutWish MOST = new CutWish(CutWish.Manner.CUT, false);

    private static Supply supply(double widthMm, double heightMm, SheetGrain grain, double deckleMm, Integer have) {
        return new Supply(
                Length.ofMm(widthMm),
                Length.ofMm(heightMm),
                grain,
                Length.ofMm(deckleMm),
                Optional.ofNullable(have),
                Optional.empty());
    }

    private static Supply standard(String name, SheetGrain grain) {
        SheetSize size = SheetSize.named(name).orElseThrow();
        return supply(size.width().mm(), size.height().mm(), grain, 0, null);
    }

    private static Demand sheets(double widthMm, double heightMm, int number) {
        return new Demand(Length.ofMm(widthMm), Length.ofMm(heightMm), number);
    }

    @DataProvider
    Object[][] fits() {
        return new Object[][] {
            // ISO 216: every size is the one above it halved. A booklet of the leaf named is folded from a sheet twice
            // its width, and
            // the grain must run along its fold
            {"A3", SheetGrain.ALONG_HEIGHT, 296, 210, 2, 1}, // A5 leaves: two sheets, grain along 420
            {"A3", SheetGrain.ALONG_WIDTH, 296, 210, 1, 2}, // the other grain gives one
            {"A2", SheetGrain.ALONG_WIDTH, 420, 297, 1, 2}, // A4 leaves
            {"A2", SheetGrain.ALONG_HEIGHT, 420, 297, 2, 1},
            {"A4", SheetGrain.ALONG_WIDTH, 210, 148, 1, 2}, // A6 leaves
            {"A4", SheetGrain.ALONG_HEIGHT, 210, 148, 2, 1},
            {"A1", SheetGrain.ALONG_HEIGHT, 296, 210, 8, 4}, // two across and four down; turned, two and two
        };
    }

    @Test(dataProvider = "fits")
    public void standardSheetsHoldWhatTheyAreKnownToHold(
            String stock, SheetGrain grain, double widthMm, double heightMm, int right, int wrong) {
        CuttingPlan plan = Cutter.plan(standard(stock, grain), List.of(sheets(widthMm, heightMm, 1)), CutWish.USUAL);
        assertEquals(plan.perSheet().right() + " " + plan.perSheet().wrong(), right + " " + wrong);
    }

    @DataProvider
    Object[][] manners() {
        return new Object[][] {{CutWish.USUAL}, {MOST}, {TEAR}};
    }

    @Test(dataProvider = "manners")
    public void aSheetIsCutUpNoFurtherThanIsWanted(CutWish wish) {
        for (int wanted : new int[] {1, 7, 30, 31}) {
            CuttingPlan plan =
                    Cutter.plan(standard("A1", SheetGrain.ALONG_HEIGHT), List.of(sheets(148, 105, wanted)), wish);
            int cut = plan.layouts().stream()
                    .mapToInt(layout -> layout.sheets() * layout.pieces().size())
                    .sum();
            assertEquals(cut, wanted);
        }
    }

    @Test
    public void theGrainIsFollowedWhereItCanBe() {
        CuttingPlan plan =
                Cutter.plan(standard("A3", SheetGrain.ALONG_WIDTH), List.of(sheets(296, 210, 9)), CutWish.USUAL);
        assertEquals(plan.grain() + " " + plan.stockSheets(), Grain.WITH_FOLD + " 9");
        assertTrue(plan.layouts().get(0).pieces().get(0).turned());
    }

    @Test
    public void theMostSheetsMayLieAcrossTheGrain() {
        CuttingPlan plan = Cutter.plan(standard("A3", SheetGrain.ALONG_WIDTH), List.of(sheets(296, 210, 9)), MOST);
        assertEquals(plan.grain() + " " + plan.stockSheets(), Grain.ACROSS_FOLD + " 5");
    }

    @Test
    public void withTheGrainNotTestedTheBetterWayIsTakenAndNothingIsClaimed() {
        CuttingPlan plan = Cutter.plan(standard("A3", SheetGrain.UNKNOWN), List.of(sheets(296, 210, 9)), CutWish.USUAL);
        assertEquals(plan.grain() + " " + plan.stockSheets(), Grain.UNKNOWN + " 5");
    }

    @Test
    public void deckleEdgesAreCutOffFirst() {
        Supply rag = supply(560, 760, SheetGrain.ALONG_HEIGHT, 10, null);
        CuttingPlan plan = Cutter.plan(rag, List.of(sheets(270, 240, 6)), CutWish.USUAL);
        Layout layout = plan.layouts().get(0);
        // 540 x 740 is left: two across, three down
        assertEquals(layout.pieces().size(), 6);
        assertEquals(layout.pieces().get(0).x(), Length.ofMm(10));
        assertTrue(layout.steps().get(0).in(Unit.MM).contains("the deckle"));
    }

    @Test
    public void whatTheDrawerLacksIsCounted() {
        CuttingPlan plan = Cutter.plan(
                supply(420, 594, SheetGrain.ALONG_HEIGHT, 0, 3), List.of(sheets(210, 148, 40)), CutWish.USUAL);
        // two across and four down: eight out of a sheet, five sheets for forty
        assertEquals(plan.stockSheets() + " wanted, " + plan.shortOf() + " short", "5 wanted, 2 short");
    }

    @Test
    public void nothingComesOutOfAStockThatIsTooSmall() {
        CuttingPlan plan =
                Cutter.plan(standard("A5", SheetGrain.ALONG_HEIGHT), List.of(sheets(296, 210, 4)), CutWish.USUAL);
        assertFalse(plan.possible());
        assertEquals(plan.stockSheets(), 0);
    }

    @DataProvider
    Object[][] torn() {
        return new Object[][] {
            // halves only: 640 x 900 is halved to 320 x 450, 320 x 225
            {640, 900, SheetGrain.ALONG_HEIGHT, 300, 220, 8},
            {640, 900, SheetGrain.ALONG_WIDTH, 300, 220, 4},
            {420, 594, SheetGrain.ALONG_HEIGHT, 420, 297, 2},
        };
    }

    @Test(dataProvider = "torn")
    public void tornPaperIsOnlyEverHalved(
            double widthMm, double heightMm, SheetGrain grain, double pieceMm, double pieceHighMm, int each) {
        CuttingPlan plan = Cutter.plan(
                supply(widthMm, heightMm, grain, 0, null), List.of(sheets(pieceMm, pieceHighMm, each)), TEAR);
        assertEquals(plan.layouts().get(0).pieces().size(), each);
    }

    @Test
    public void stripsThatRepeatAreToldOnce() {
        Layout layout = Cutter.plan(
                        supply(640, 900, SheetGrain.ALONG_HEIGHT, 0, null), List.of(sheets(296, 210, 8)), CutWish.USUAL)
                .layouts()
                .get(0);
        assertEquals(
                layout.steps().stream()
                        .map(step -> step.in(Unit.MM).replace('\u202f', ' '))
                        .toList(),
                List.of(
                        "From the sheet, right across: 4 of 210 mm high",
                        "From each strip, from top to bottom: 2 of 296 mm wide"));
        assertEquals(layout.cuts().size(), 4 + 4 * 2);
    }

    @Test
    public void whatIsLeftOverIsTheRestOfThePaper() {
        // eight pieces of 296 x 210 out of 640 x 900, with the pencil
        CuttingPlan plan = Cutter.plan(
                supply(640, 900, SheetGrain.ALONG_HEIGHT, 0, null), List.of(sheets(296, 210, 8)), CutWish.USUAL);
        assertEquals(plan.waste(), 1 - 8 * 296 * 210 / (640.0 * 900), 1e-9);
    }

    @Test
    public void aShorterSignatureIsCutFromRowsOfItsOwnHeight() {
        // three rows of 210 out of 640: eight sheets are four rows; the two low ones share a row of the second stock
        // sheet
        CuttingPlan plan = Cutter.plan(
                supply(600, 640, SheetGrain.ALONG_HEIGHT, 0, null),
                List.of(sheets(296, 210, 8), sheets(296, 150, 2)),
                CutWish.USUAL);
        assertEquals(plan.stockSheets(), 2);
        assertEquals(heights(plan), List.of("210 × 8", "150 × 2"));
    }

    @Test
    public void aShorterSheetFillsARowOfTheOthersAndIsCutToSize() {
        // a row takes three; five high ones and one low one are two rows of one stock sheet, not three
        CuttingPlan plan = Cutter.plan(
                supply(600, 420, SheetGrain.ALONG_HEIGHT, 0, null),
                List.of(sheets(200, 210, 5), sheets(200, 150, 1)),
                CutWish.USUAL);
        assertEquals(plan.stockSheets(), 1);
        assertTrue(plan.layouts().get(0).steps().stream()
                .anyMatch(step -> step.in(Unit.MM).replace('\u202f', ' ').equals("Cut to 200 mm × 150 mm")));
    }

    /** Heights of what is cut, with how many there are of each, the highest first. */
    private static List<String> heights(CuttingPlan plan) {
        Map<Double, Integer> made = new TreeMap<>(Comparator.reverseOrder());
        for (Layout layout : plan.layouts()) {
            layout.pieces().forEach(piece -> made.merge(piece.height().mm(), layout.sheets(), Integer::sum));
        }
        return made.entrySet().stream()
                .map(entry -> "%.0f × %d".formatted(entry.getKey(), entry.getValue()))
                .toList();
    }

    private static final Draw<Integer> EDGE = Draw.between(200, 1200);
    private static final Draw<Integer> PIECE = Draw.between(60, 500);
    private static final Draw<Integer> NUMBER = Draw.between(1, 60);

    @Test
    public void everyPieceWantedComesOutAndNoneLiesOverAnother() {
        Property.holdsFor(200).of(EDGE, EDGE, PIECE, NUMBER, (width, height, piece, number) -> {
            List<Demand> demands = List.of(sheets(piece, 150, number), sheets(piece / 2 + 30, 150, number / 3 + 1));
            CuttingPlan plan =
                    Cutter.plan(supply(width, height, SheetGrain.ALONG_HEIGHT, 0, null), demands, CutWish.USUAL);
            return !plan.possible() || sound(plan, demands);
        });
    }

    @Test
    public void piecesOfSeveralHeightsComeOutToo() {
        Property.holdsFor(200).of(EDGE, PIECE, PIECE, NUMBER, (edge, piece, height, number) -> {
            List<Demand> demands = List.of(
                    sheets(piece, height, number),
                    sheets(piece, height * 3 / 4.0, number / 3 + 1),
                    sheets(piece / 2 + 30, height / 2.0, 2));
            CuttingPlan plan =
                    Cutter.plan(supply(edge, edge + 200, SheetGrain.ALONG_HEIGHT, 0, null), demands, CutWish.USUAL);
            return !plan.possible() || sound(plan, demands);
        });
    }

    @Test
    public void piecesLyingBothWaysDoNotOverlapEither() {
        Property.holdsFor(100).of(EDGE, EDGE, PIECE, (width, height, piece) -> {
            List<Demand> demands = List.of(sheets(piece, 170, 30));
            CuttingPlan plan = Cutter.plan(supply(width, height, SheetGrain.ALONG_WIDTH, 0, null), demands, MOST);
            return !plan.possible() || apart(plan);
        });
    }

    private static boolean sound(CuttingPlan plan, List<Demand> demands) {
        for (int kind = 0; kind < demands.size(); kind++) {
            int of = kind;
            int made = plan.layouts().stream()
                    .mapToInt(layout -> layout.sheets()
                            * (int) layout.pieces().stream()
                                    .filter(piece -> piece.demand() == of)
                                    .count())
                    .sum();
            if (made != demands.get(kind).number()) {
                return false;
            }
        }
        return apart(plan);
    }

    /** By envelopes of a geometry library (JTS), drawn in a little so that common edges do not count. */
    private static boolean apart(CuttingPlan plan) {
        Envelope sheet = new Envelope(
                0, plan.supply().width().mm(), 0, plan.supply().height().mm());
        for (Layout layout : plan.layouts()) {
            List<Envelope> pieces = layout.pieces().stream()
                    .map(piece -> new Envelope(
                            piece.x().mm() + 0.01,
                            piece.x().mm() + piece.width().mm() - 0.01,
                            piece.y().mm() + 0.01,
                            piece.y().mm() + piece.height().mm() - 0.01))
                    .toList();
            for (int i = 0; i < pieces.size(); i++) {
                for (int j = 0; j < i; j++) {
                    if (pieces.get(i).intersects(pieces.get(j))) {
                        return false;
                    }
                }
                if (!sheet.contains(pieces.get(i))) {
                    return false;
                }
            }
        }
        return true;
    }

    @Test
    public void aSheetTurnedRoundIsCutTheSame() {
        Property.holdsFor(200).of(EDGE, EDGE, PIECE, NUMBER, (width, height, piece, number) -> {
            List<Demand> demands = List.of(sheets(piece, 140, number));
            CuttingPlan upright =
                    Cutter.plan(supply(width, height, SheetGrain.ALONG_HEIGHT, 0, null), demands, CutWish.USUAL);
            CuttingPlan lying =
                    Cutter.plan(supply(height, width, SheetGrain.ALONG_WIDTH, 0, null), demands, CutWish.USUAL);
            return upright.stockSheets() == lying.stockSheets()
                    && upright.perSheet().equals(lying.perSheet());
        });
    }
}
