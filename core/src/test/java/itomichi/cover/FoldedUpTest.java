package itomichi.cover;

import static itomichi.cover.Blocks.figureMm;
import static itomichi.cover.Blocks.piece;
import static itomichi.cover.Blocks.settled;
import static org.testng.Assert.assertEquals;

import itomichi.gathering.Back;
import itomichi.structure.Covering;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Pieces of covers folded up again in coordinates, apart from the formulas that made them: the closed book is as large as the block with
 * its squares, and edges that belong together meet within 0.1 mm. Source: plane geometry.
 */
public class FoldedUpTest {

    private static final double MEETS = 0.1;

    /** A strip that is laid down length by length, turned where it is folded; x runs to the fore edge, y up through the thickness. */
    private static final class Strip {
        private double x;
        private double y;
        private double toX;
        private double toY;

        Strip from(double atX, double atY) {
            x = atX;
            y = atY;
            return this;
        }

        Strip towards(double dx, double dy) {
            toX = dx;
            toY = dy;
            return this;
        }

        Strip lay(double length) {
            x += toX * length;
            y += toY * length;
            return this;
        }
    }

    @DataProvider
    Object[][] cases() {
        return new Object[][] {
            {"case-spine=SEWN", "joints=FIXED"},
            {"case-spine=SEWN", "joints=BOARDS"},
            {"case-spine=BOARDS", "joints=FIXED"},
            {"case-spine=BOARDS", "joints=BOARDS"}
        };
    }

    /** From the middle of the spine up to the front, down the joint to the block, along it, up beside the board and over it. */
    @Test(dataProvider = "cases")
    public void theBoardOfAFlatCaseEndsItsSquarePastTheLeaves(String spine, String joint) {
        SewnBlock block = Blocks.a5();
        CoverWork work = new FlatCase().work(Blocks.cased(block, Back.FLAT), settled(spine, joint));
        double board = 2;
        double flat = figureMm(work, "joint");
        boolean over = spine.endsWith("BOARDS");
        Strip strip = new Strip().from(0, 10).towards(0, 1).lay(figureMm(work, "spine-piece") / 2);
        if (over) {
            strip.towards(0, -1).lay(board);
        }
        assertEquals(strip.y, 20, MEETS, "on the face of the block");
        strip.towards(1, 0).lay(flat - (over ? 2 : 1) * board).towards(0, 1).lay(board);
        assertEquals(strip.y, 22, MEETS, "on the face of the board");
        strip.towards(1, 0).lay(piece(work, "board").wide().mm());
        assertEquals(strip.x, 148 + figureMm(work, "square-fore"), MEETS);
    }

    @Test(dataProvider = "cases")
    public void aBoardMadeToASquareHasIt(String spine, String joint) {
        CoverWork work = new FlatCase()
                .work(
                        Blocks.cased(Blocks.a5(), Back.FLAT),
                        settled(spine, joint, "board-width=SQUARE", "square-fore=2.5"));
        assertEquals(figureMm(work, "square-fore"), 2.5, MEETS);
    }

    /** The cloth, laid from edge to edge over everything that lies on it side by side. */
    @Test(dataProvider = "cases")
    public void theClothReachesRoundEverythingFlat(String spine, String joint) {
        CoverWork work = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled(spine, joint, "turn-in=16"));
        double board = piece(work, "board").wide().mm();
        double flat = figureMm(work, "joint");
        Strip strip = new Strip().towards(1, 0);
        for (double length :
                List.of(16.0, board, flat, piece(work, "spine-piece").wide().mm(), flat, board, 16.0)) {
            strip.lay(length);
        }
        assertEquals(strip.x, piece(work, "cloth").wide().mm(), MEETS);
    }

    /** The cut across a corner of the cloth, measured from the corner of the board that lies a turn-in inside both edges. */
    @Test
    public void aCornerIsCutOneBoardAndAHalfOff() {
        CoverWork work = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("turn-in=16"));
        List<FlatPoint> cloth = piece(work, "cloth").corners();
        assertEquals(distance(new FlatPoint(16, 16), cloth.get(0), cloth.get(cloth.size() - 1)), 3, MEETS);
    }

    private static double distance(FlatPoint point, FlatPoint a, FlatPoint b) {
        double dx = b.xMm() - a.xMm();
        double dy = b.yMm() - a.yMm();
        return Math.abs(dx * (point.yMm() - a.yMm()) - dy * (point.xMm() - a.xMm())) / Math.hypot(dx, dy);
    }

    @DataProvider
    Object[][] rounds() {
        return new Object[][] {{"round=THIRD", 20.0}, {"round=THIRD", 37.5}, {"rise=3", 20.0}, {"rise=8", 30.0}};
    }

    /** The circle through both edges of the back and the top of its rise, walked in a thousand steps. */
    @Test(dataProvider = "rounds")
    public void aRoundSpinePieceIsAsLongAsTheBackItGoesOver(String round, double spine) {
        String[] settings = round.startsWith("rise") ? new String[] {"round=RISE", round} : new String[] {round};
        CoverWork work = new RoundCase()
                .work(Blocks.cased(Blocks.block(210, 148, spine, 18, 2), Back.ROUNDED), settled(settings));
        double rise = figureMm(work, "rise");
        double radius = (spine * spine / 4 + rise * rise) / (2 * rise);
        double length = 0;
        double beforeX = -spine / 2;
        double beforeY = 0;
        for (int i = 1; i <= 1000; i++) {
            double x = -spine / 2 + spine * i / 1000;
            double y = Math.sqrt(radius * radius - x * x) - (radius - rise);
            length += Math.hypot(x - beforeX, y - beforeY);
            beforeX = x;
            beforeY = y;
        }
        assertEquals(figureMm(work, "spine-piece"), length, MEETS);
    }

    @Test
    public void aThirdOfACircleIsAThirdOfACircle() {
        CoverWork work = new RoundCase().work(Blocks.cased(Blocks.a5(), Back.ROUNDED), settled("round=THIRD"));
        double radius = figureMm(work, "radius");
        assertEquals(figureMm(work, "spine-piece"), 2 * Math.PI * radius / 3, MEETS);
    }

    /** Paper sides begin on the spine cloth and end in the turn-in of the board. */
    @Test
    public void paperSidesLieThreeMillimetresOverTheSpineCloth() {
        CoverWork work =
                new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("covered=QUARTER", "turn-in=16"));
        double board = piece(work, "board").wide().mm();
        double onBoard = (piece(work, "spine-cloth").wide().mm()
                                - piece(work, "spine-piece").wide().mm())
                        / 2
                - figureMm(work, "joint");
        double side = piece(work, "side").wide().mm();
        double overlap = onBoard - (board - (side - 16));
        assertEquals(overlap, 3, MEETS);
    }

    /** Over a corner of cloth the paper is cut off along a line that runs 3 mm inside the edge of the cloth. */
    @Test
    public void paperSidesLieThreeMillimetresOverTheCorners() {
        CoverWork work =
                new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("covered=HALF", "turn-in=16"));
        double leg = piece(work, "corner").wide().mm();
        List<FlatPoint> side = piece(work, "side").corners();
        double w = piece(work, "side").wide().mm();
        // the same corner of the board for both: a turn-in inside the outer edges
        FlatPoint corner = new FlatPoint(16, 16);
        double cloth = distance(corner, new FlatPoint(leg, 0), new FlatPoint(0, leg));
        double paper = distance(
                corner,
                new FlatPoint(w - side.get(1).xMm(), side.get(1).yMm()),
                new FlatPoint(w - side.get(2).xMm(), side.get(2).yMm()));
        assertEquals(cloth - paper, 3, MEETS);
    }

    /** From the edge of the flap over the front, down the fore edge, under the book to the spine, up it, and over the front again. */
    @Test
    public void aFlapGoesRoundTheForeEdgeOnToTheFront() {
        SewnBlock block = Blocks.a5();
        CoverWork work = new SoftWrapped().work(Blocks.soft(block, Covering.THROUGH_SPINE), settled("flap=40"));
        double front = 148 + 1 + 3;
        double flap = figureMm(work, "cover-flap");
        Strip strip = new Strip().from(front - flap, 18 + 0.5).towards(1, 0).lay(flap);
        strip.towards(0, -1).lay(figureMm(work, "cover-wrap"));
        assertEquals(strip.y, 0, MEETS, "under the book");
        strip.towards(-1, 0).lay(front);
        assertEquals(strip.x, 0, MEETS, "at the spine");
        double left = piece(work, "cover").wide().mm() - flap - figureMm(work, "cover-wrap") - front;
        assertEquals(left, 20 + front, MEETS, "the spine and the front");
    }

    /** Seen from the head, a flap makes the book one thickness of its cover thicker and longer. */
    @Test
    public void aFlapIsSeenFromTheHead() {
        CoverBase base = Blocks.soft(Blocks.a5(), Covering.THROUGH_SPINE);
        CoverLook plain = head(new SoftSewn().work(base, CoverChoices.USUAL));
        CoverLook flapped = head(new SoftWrapped().work(base, settled("flap=100")));
        assertEquals(flapped.heightMm() - plain.heightMm(), 0.5, MEETS);
        assertEquals(flapped.widthMm() - plain.widthMm(), 0.5, MEETS);
    }

    private static CoverLook head(CoverWork work) {
        return work.looks().stream()
                .filter(look -> look.view() == CoverLook.View.CLOSED_HEAD)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void theSpineOfAWrappedCoverLiesPastItsFlapAndBack() {
        CoverWork work = new SoftWrapped().work(Blocks.soft(Blocks.a5(), Covering.THROUGH_SPINE), settled("flap=40"));
        CoverSize size = work.size().orElseThrow();
        assertEquals(size.spineLeft().mm(), figureMm(work, "cover-flap") + figureMm(work, "cover-wrap") + 152, MEETS);
        assertEquals(size.width().mm() - size.spineLeft().mm(), 20 + 152, MEETS);
    }

    @Test
    public void endsFoldedInLieBackOnFrontAndBack() {
        CoverWork work = new SoftFolded()
                .work(Blocks.soft(Blocks.a5(), Covering.ONE_FOLD), settled("ends-wide=50", "ends-past=4"));
        Strip strip = new Strip()
                .from(0, 0)
                .towards(1, 0)
                .lay(148 + 1 + 4)
                .towards(-1, 0)
                .lay(50);
        assertEquals(strip.x, 103, MEETS);
        assertEquals(piece(work, "cover").wide().mm(), 2 * (148 + 1 + 4) + 20 + 2 * 50, MEETS);
    }

    /** A front, round half a thickness, up one side of the pleat, down the other, and so to the other edge. */
    @Test
    public void aPleatTakesItsDepthTwice() {
        CoverWork work = new PleatedStrip().work(Blocks.soft(Blocks.a5(), Covering.PLEAT), settled("pleat=15"));
        Strip strip = new Strip().from(152, 0).towards(-1, 0).lay(152);
        strip.towards(0, 1)
                .lay(10)
                .towards(1, 0)
                .lay(15)
                .towards(-1, 0)
                .lay(15)
                .towards(0, 1)
                .lay(10);
        strip.towards(1, 0).lay(152);
        assertEquals(strip.x, 152, MEETS);
        assertEquals(strip.y, 20, MEETS);
        assertEquals(piece(work, "cover").wide().mm(), 2 * 152 + 2 * 15 + 20, MEETS);
    }

    @Test
    public void aHingedBoardEndsItsSquarePastTheSheets() {
        CoverWork work =
                new StabHinged().work(Blocks.stabbed(Blocks.a5()), settled("hinge-past=8", "stab-square-fore=3"));
        Strip strip = new Strip().towards(1, 0);
        strip.lay(piece(work, "hinge-strip").wide().mm());
        assertEquals(strip.x, 12 + 8, MEETS, "past the holes");
        strip.lay(figureMm(work, "hinge-gap")).lay(piece(work, "board").wide().mm());
        assertEquals(strip.x, 148 + 3, MEETS);
    }

    @Test
    public void aFoldedInCoverIsAsLargeAsTheLeaf() {
        CoverWork work = new StabSoft().work(Blocks.stabbed(Blocks.a5()), settled("stab-flaps=18"));
        CoverPiece cover = piece(work, "cover");
        assertEquals(cover.wide().mm() - 2 * 18, 148, MEETS);
        assertEquals(cover.high().mm() - 2 * 18, 210, MEETS);
    }

    @Test
    public void mitredFlapsDoNotLieOverEachOther() {
        CoverWork work = new StabSoft().work(Blocks.stabbed(Blocks.a5()), settled("stab-flaps=18"));
        List<FlatPoint> cover = piece(work, "cover").corners();
        // the corner of the leaf stays covered, by a millimetre
        assertEquals(distance(new FlatPoint(18, 18), cover.get(0), cover.get(cover.size() - 1)), 1, MEETS);
    }

    @Test
    public void aBoardThatIsSewnOnIsFlushAtTheSpine() {
        CoverWork work =
                new SewnBoards().work(Blocks.boarded(Blocks.a5()), settled("boards-square-fore=3", "turn-in=16"));
        Strip strip = new Strip().towards(1, 0).lay(piece(work, "board").wide().mm());
        assertEquals(strip.x, 148 + 3, MEETS);
        assertEquals(piece(work, "board-cover").wide().mm(), strip.x + 2 * 16, MEETS);
    }
}
