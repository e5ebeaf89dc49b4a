package itomichi.cutting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;

/** Pieces of several sizes out of several kinds of sheet. */
public class StockCutterTest {

    private static final StockSheet BOARD = sheet(700, 1000, SheetGrain.ALONG_HEIGHT);

    static StockSheet sheet(double widthMm, double heightMm, SheetGrain grain) {
        return new StockSheet(supply(widthMm, heightMm, grain, null), false);
    }

    private static StockSheet dear(double widthMm, double heightMm, double price) {
        return new StockSheet(supply(widthMm, heightMm, SheetGrain.ALONG_HEIGHT, price), false);
    }

    private static StockSheet offcut(double widthMm, double heightMm) {
        return new StockSheet(supply(widthMm, heightMm, SheetGrain.ALONG_HEIGHT, null), true);
    }

    private static Supply supply(double widthMm, double heightMm, SheetGrain grain, Double price) {
        return new Supply(
                Length.ofMm(widthMm),
                Length.ofMm(heightMm),
                grain,
                Length.ZERO,
                Optional.of(1),
                Optional.ofNullable(price));
    }

    private static Demand piece(double widthMm, double heightMm, int number) {
        return new Demand(Length.ofMm(widthMm), Length.ofMm(heightMm), number);
    }

    private static StockPlan plan(List<Demand> wanted, StockSheet... stock) {
        return StockCutter.plan(new StockWish(wanted, true, List.of(stock), Knife.ALONG_A_RULE));
    }

    private static StockPlan plan(Knife knife, List<Demand> wanted, StockSheet... stock) {
        return StockCutter.plan(new StockWish(wanted, true, List.of(stock), knife));
    }

    /** Boards and spine pieces for cases of random books, about 80 pieces. Common practice, no source: as high as the leaf and 4 mm, 4 mm narrower. */
    private static List<Demand> cases(long seed) {
        Random dice = new Random(seed);
        List<Demand> wanted = new ArrayList<>();
        for (int pieces = 0; pieces < 80; ) {
            double width = 90 + dice.nextInt(150);
            double height = Math.rint(width * (1.2 + dice.nextDouble() * 0.4));
            int copies = 1 + dice.nextInt(6);
            wanted.add(piece(width - 4, height + 4, 2 * copies));
            wanted.add(piece(8 + dice.nextInt(35), height + 4, copies));
            pieces += 3 * copies;
        }
        return wanted;
    }

    /** The area of the pieces is a bound that no cutting beats: closed form. */
    @Test
    public void casesOfTwoHundredRandomBooksTakeLittleMoreBoardThanTheirArea() {
        double sheets = 0;
        double bound = 0;
        for (int seed = 0; seed < 200; seed++) {
            List<Demand> wanted = cases(seed);
            sheets += plan(wanted, BOARD).taken(0);
            bound += Math.ceil(wanted.stream()
                            .mapToDouble(demand -> demand.areaMm2() * demand.number())
                            .sum()
                    / BOARD.areaMm2());
        }
        assertTrue(sheets / bound <= 1.08, sheets / bound + " times the area");
    }

    @Test
    public void everyPieceComesOutAsOftenAsItIsWanted() {
        for (int seed = 0; seed < 20; seed++) {
            List<Demand> wanted = cases(seed);
            StockPlan plan = plan(wanted, BOARD, offcut(300, 420));
            assertTrue(plan.whole());
            for (int kind = 0; kind < wanted.size(); kind++) {
                assertEquals(laid(plan, kind), wanted.get(kind).number(), "seed " + seed + ", size " + kind);
            }
        }
    }

    private static long laid(StockPlan plan, int kind) {
        return plan.sheets().stream()
                .mapToLong(cut -> cut.layout().sheets()
                        * cut.layout().pieces().stream()
                                .filter(piece -> piece.demand() == kind)
                                .count())
                .sum();
    }

    /** What lies on a sheet and what is left of it are the sheet, and no two of them meet. */
    @Test
    public void piecesAndWhatIsLeftMakeUpTheSheet() {
        for (int seed = 0; seed < 20; seed++) {
            for (StockPlan.Cut cut : plan(cases(seed), BOARD).sheets()) {
                List<double[]> parts = new ArrayList<>();
                cut.layout().pieces().forEach(one -> parts.add(part(one.x(), one.y(), one.width(), one.height())));
                cut.left().forEach(one -> parts.add(part(one.x(), one.y(), one.width(), one.height())));
                assertEquals(parts.stream().mapToDouble(one -> one[2] * one[3]).sum(), 700_000, 0.01, "seed " + seed);
                for (int i = 0; i < parts.size(); i++) {
                    for (int k = 0; k < i; k++) {
                        assertFalse(meet(parts.get(i), parts.get(k)), "seed " + seed);
                    }
                }
            }
        }
    }

    private static double[] part(Length x, Length y, Length width, Length height) {
        return new double[] {x.mm(), y.mm(), width.mm(), height.mm()};
    }

    private static boolean meet(double[] one, double[] other) {
        double nothing = 1e-6;
        return one[0] < other[0] + other[2] - nothing
                && other[0] < one[0] + one[2] - nothing
                && one[1] < other[1] + other[3] - nothing
                && other[1] < one[1] + one[3] - nothing;
    }

    @Test
    public void withTheGrainAlongTheWidthEveryPieceIsTurned() {
        StockPlan plan = plan(List.of(piece(150, 210, 4)), sheet(1000, 700, SheetGrain.ALONG_WIDTH));
        assertTrue(plan.sheets().get(0).layout().pieces().stream().allMatch(Layout.CutPiece::turned));
    }

    @Test
    public void whereTheGrainDoesNotMatterPiecesLieEitherWay() {
        List<Demand> wanted = List.of(piece(300, 100, 7));
        StockSheet narrow = sheet(300, 800, SheetGrain.ALONG_HEIGHT);
        StockSheet small = sheet(310, 710, SheetGrain.ALONG_HEIGHT);
        assertEquals(plan(wanted, small).taken(0), 1);
        StockWish tall = new StockWish(List.of(piece(700, 100, 3)), false, List.of(narrow), Knife.ALONG_A_RULE);
        assertTrue(StockCutter.plan(tall).whole());
        assertFalse(plan(tall.wanted(), narrow).whole());
    }

    /** ISO 216: a sheet of A1 is eight of A4, to a millimetre that is trimmed off. */
    @Test
    public void eightSheetsOfA4ComeOutOfOneOfA1() {
        StockWish wish = new StockWish(
                List.of(piece(210, 297, 8)),
                false,
                List.of(sheet(594, 841, SheetGrain.ALONG_HEIGHT)),
                Knife.ALONG_A_RULE);
        assertEquals(StockCutter.plan(wish).taken(0), 1);
    }

    /** Sixty editions of a hundred thousand are planned too, sheets alike parted alike. */
    @Test
    public void millionsOfBooksAreCutToTheLastPiece() {
        StockPlan plan = plan(List.of(piece(148, 214, 12_000_000), piece(21, 214, 6_000_000)), BOARD);
        assertTrue(plan.whole());
    }

    @Test
    public void whatAnOffCutHoldsIsNotCutFromANewSheet() {
        StockPlan plan = plan(List.of(piece(150, 200, 2)), BOARD, offcut(320, 220));
        assertEquals(plan.taken(0), 0);
        assertEquals(plan.taken(1), 1);
    }

    @Test
    public void anOffCutIsThereOnlyOnce() {
        StockPlan plan = plan(List.of(piece(150, 200, 4)), offcut(320, 220));
        assertEquals(plan.missing(), List.of(2));
    }

    @Test
    public void ofTwoSheetsTheCheaperForTheJobIsTaken() {
        // common sense: two boards of half the size cost 8, a whole one 5
        StockPlan plan = plan(List.of(piece(480, 330, 4)), dear(500, 700, 4), dear(700, 1000, 5));
        assertEquals(plan.cost(), Optional.of(8.0));
    }

    @Test
    public void aPieceLargerThanEverySheetIsMissing() {
        StockPlan plan = plan(List.of(piece(800, 300, 2), piece(100, 200, 3)), BOARD);
        assertEquals(plan.missing(), List.of(2, 0));
        assertFalse(plan.whole());
    }

    @Test
    public void noCutIsLongerThanTheKnifeReaches() {
        Knife knife = new Knife(Optional.of(Length.ofMm(600)), Length.ZERO);
        for (int seed = 0; seed < 10; seed++) {
            List<Demand> wanted = cases(seed);
            StockPlan plan = plan(knife, wanted, sheet(500, 700, SheetGrain.ALONG_HEIGHT));
            assertTrue(plan.whole());
            plan.sheets().stream()
                    .flatMap(cut -> cut.layout().cuts().stream())
                    .forEach(cut -> assertTrue(
                            cut.x2()
                                            .minus(cut.x1())
                                            .plus(cut.y2().minus(cut.y1()))
                                            .mm()
                                    <= 600,
                            cut.toString()));
        }
    }

    @Test
    public void aSheetLargerThanTheReachBothWaysIsNotCut() {
        Knife knife = new Knife(Optional.of(Length.ofMm(600)), Length.ZERO);
        assertEquals(plan(knife, List.of(piece(100, 200, 1)), BOARD).missing(), List.of(1));
    }

    @Test
    public void noStripIsLeftNarrowerThanTheLeast() {
        Knife knife = new Knife(Optional.empty(), Length.ofMm(12));
        for (int seed = 0; seed < 10; seed++) {
            // under a piece that is narrower itself a strip is as narrow
            List<Demand> wanted = cases(seed).stream()
                    .filter(demand -> demand.width().mm() >= 12)
                    .toList();
            for (StockPlan.Cut cut : plan(knife, wanted, BOARD).sheets()) {
                for (StockPlan.Left left : cut.left()) {
                    assertTrue(left.width().mm() >= 12 && left.height().mm() >= 12, "seed " + seed + " " + left);
                }
            }
        }
    }

    @Test
    public void theSameWishGivesTheSamePlan() {
        assertEquals(plan(cases(3), BOARD), plan(cases(3), BOARD));
    }

    /** Common practice, no source: what is narrower than two fingers is not kept. */
    @Test
    public void aNarrowStripIsNotWorthKeeping() {
        StockPlan plan = plan(List.of(piece(650, 400, 1)), BOARD);
        assertEquals(
                plan.sheets().get(0).left().stream()
                        .map(StockPlan.Left::worthKeeping)
                        .toList(),
                List.of(true, false));
    }
}
