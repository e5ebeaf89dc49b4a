package itomichi.cover;

import static itomichi.cover.Blocks.figureMm;
import static itomichi.cover.Blocks.piece;
import static itomichi.cover.Blocks.settled;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.cover.Outline.Role;
import itomichi.finding.Remark.Weight;
import itomichi.gathering.Back;
import itomichi.structure.Covering;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What can be added to covers of several kinds: a slip-on wrapper, corner pieces, round corners; and a case that is there already. */
public class CoverExtrasTest {

    private static final double MEETS = 0.1;

    private static CoverWork work(String key, CoverBase base, String... settings) {
        return CoverKinds.keyed(key).orElseThrow().work(base, settled(settings));
    }

    private static CoverBase cased() {
        return Blocks.cased(Blocks.a5(), Back.FLAT);
    }

    /** Laid down from flap to flap round spine and both faces of the closed book; source: plane geometry. */
    @Test
    public void aWrapperGoesRoundTheClosedBookAndBackIntoBothCovers() {
        CoverWork work = work("case-flat", cased(), "slip-on=PAPER", "slip-on-flap=60");
        double thick = 20 + 2 * 2;
        double wide = work.closed(cased()).width().mm();
        assertTrue(wide > 148, "over spine piece and square: " + wide);
        // a millimetre at each side goes into the folds: common practice, no source
        assertEquals(piece(work, "slip-on").wide().mm(), 60 + wide + 1 + thick + wide + 1 + 60, MEETS);
        assertEquals(piece(work, "slip-on").high().mm(), 214, MEETS);
    }

    @Test
    public void theFoldsOfAWrapperLieWhereItIsDrawnToFold() {
        CoverPiece wrapper = piece(work("case-flat", cased(), "slip-on=PAPER"), "slip-on");
        List<Double> folds =
                wrapper.folds().stream().map(fold -> fold.points().get(0).xMm()).toList();
        assertEquals(folds.size(), 4);
        assertEquals(folds.get(2) - folds.get(1), 24, MEETS);
        assertEquals(folds.get(0), wrapper.wide().mm() - folds.get(3), MEETS);
    }

    @Test
    public void aFlapThatReachesTheSpineIsStopped() {
        CoverWork work = work("case-flat", cased(), "slip-on=PAPER", "slip-on-flap=200");
        assertTrue(work.faults().stream().anyMatch(fault -> fault.weight() == Weight.STOP));
    }

    /** Folded round the spine of a block 20 mm thick, its holes 12 mm from the spine: 10 mm on each face. */
    @Test
    public void aCornerPieceEndsShortOfTheHolesOnBothFaces() {
        CoverWork work = work("stab-soft", Blocks.stabbed(Blocks.a5()), "stab-corners=CLOTH");
        CoverPiece corner = piece(work, "stab-corner");
        assertEquals(corner.wide().mm(), 10 + 20 + 10, MEETS);
        assertEquals(corner.high().mm(), 20 + 20, MEETS);
        assertEquals(corner.count(), 2);
    }

    @DataProvider
    Object[][] boarded() {
        return new Object[][] {
            {"case-flat", cased()},
            {"case-round", Blocks.cased(Blocks.a5(), Back.ROUNDED)},
            {"spine-free", cased()},
            {"boards-sewn", Blocks.boarded(Blocks.a5())},
            {"stab-hinged", Blocks.stabbed(Blocks.a5())}
        };
    }

    /** Every point of an arc lies a radius off its middle; source: plane geometry. */
    @Test(dataProvider = "boarded")
    public void boardsAreRoundAtTheForeEdgeAndSquareAtTheSpine(String key, CoverBase base) {
        CoverPiece board = piece(work(key, base, "corners-cut=BOARDS", "corner-radius=8"), "board");
        double w = board.wide().mm();
        double h = board.high().mm();
        assertTrue(
                board.corners().contains(new FlatPoint(0, 0)) && board.corners().contains(new FlatPoint(0, h)));
        for (FlatPoint point : board.corners()) {
            if (point.xMm() > w - 8 + 0.001 && point.yMm() < 8 - 0.001) {
                assertEquals(Math.hypot(point.xMm() - (w - 8), point.yMm() - 8), 8, 0.001);
            }
        }
        assertFalse(board.corners().contains(new FlatPoint(w, 0)));
    }

    @Test
    public void aRoundCornerIsSeenOnTheClosedBook() {
        CoverLook front = work("case-flat", cased(), "corners-cut=BOARDS")
                .look(CoverLook.View.CLOSED_FRONT)
                .orElseThrow();
        assertTrue(front.outlines().stream()
                .filter(outline -> outline.role() == Role.COVERING)
                .noneMatch(outline -> outline.points().contains(new FlatPoint(front.widthMm(), 0))));
    }

    private static boolean standOut(String key, CoverBase base, String... settled) {
        return work(key, base, settled).faults().stream()
                .anyMatch(fault -> fault.key().equals("cover-corner-leaves"));
    }

    /**
     * The square corner of a leaf lies in the round one of its board as long as the radius is no more than 2 + √2 times the square, where all
     * squares are alike; source: plane geometry.
     */
    @Test
    public void squareLeavesStandOutOfBoardsThatAreRoundByMuch() {
        String[] squares = {
            "corners-cut=BOARDS", "board-width=SQUARE", "square-fore=5", "square-head=5", "square-tail=5"
        };
        assertFalse(standOut("case-flat", cased(), with(squares, "corner-radius=17")), "17 mm is less than 3.41 × 5");
        assertTrue(standOut("case-flat", cased(), with(squares, "corner-radius=19")), "19 mm is more");
    }

    private static String[] with(String[] settled, String one) {
        return Stream.concat(Arrays.stream(settled), Stream.of(one)).toArray(String[]::new);
    }

    /** Boards as large as the block have no square to hide a corner. */
    @Test
    public void theMendRoundsTheLeavesToo() {
        CoverFault fault = work("spine-free", cased(), "corners-cut=BOARDS").faults().stream()
                .filter(one -> one.key().equals("cover-corner-leaves"))
                .findFirst()
                .orElseThrow();
        assertEquals(fault.mend().orElseThrow().schools(), Map.of("corners-cut", "ALL"));
        assertFalse(standOut("spine-free", cased(), "corners-cut=ALL"));
    }

    @Test
    public void leavesAreRoundedOnlyWhereThatIsWanted() {
        assertFalse(steps("corners-cut=BOARDS").contains("round-leaves"));
        assertTrue(steps("corners-cut=ALL").contains("round-leaves"));
    }

    private static List<String> steps(String... settings) {
        return work("case-flat", cased(), settings).steps().stream()
                .map(CoverStep::key)
                .toList();
    }

    @Test
    public void aClothJointHoldsTwoLeavesAtEachEnd() {
        CoverWork work = work("case-flat", cased(), "ends=JOINT");
        assertEquals(piece(work, "end-leaf").count(), 4);
        assertEquals(piece(work, "end-leaf").wide().mm(), 148, MEETS);
        assertEquals(piece(work, "cloth-joint").count(), 2);
        assertTrue(work.pieces().stream().noneMatch(piece -> piece.key().equals("endpaper")));
    }

    /** Squares of a case that is there already, by subtraction. */
    @Test
    public void aCaseThatIsThereIsToldBySquaresAndRoom() {
        CoverWork work = work("case-taken", cased(), "taken-front=151", "taken-height=216", "taken-spine=21.5");
        assertEquals(figureMm(work, "square-fore"), 3, MEETS);
        assertEquals(figureMm(work, "square-taken"), 3, MEETS);
        assertEquals(figureMm(work, "taken-room"), 1.5, MEETS);
        assertEquals(work.faults(), List.of());
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {"taken-front=140", Weight.STOP},
            {"taken-height=211", Weight.CAUTION},
            {"taken-spine=15", Weight.CAUTION},
            {"taken-spine=30", Weight.NOTE}
        };
    }

    @Test(dataProvider = "unfit")
    public void aCaseThatDoesNotFitIsSaidToBeforeGlue(String measured, Weight weight) {
        CoverWork work = work("case-taken", cased(), measured);
        assertEquals(work.faults().stream().map(CoverFault::weight).toList(), List.of(weight));
    }

    @Test
    public void nothingIsCutForTheBoardsOfACaseThatIsThere() {
        assertTrue(work("case-taken", cased()).pieces().stream()
                .noneMatch(piece -> piece.stuff() == PieceStuff.BOARD || piece.stuff() == PieceStuff.CLOTH));
    }

    /** Stations 15, 75, 135, 195 mm from the head of the block, the board 2 mm past it, holes 8 mm from its edge. */
    @Test
    public void sewnBoardsHaveTheirHolesAtTheStations() {
        CoverPiece board = piece(work("boards-sewn", Blocks.boarded(Blocks.a5())), "board");
        List<FlatPoint> holes =
                board.folds().stream().map(CoverExtrasTest::middle).toList();
        assertEquals(holes.stream().map(hole -> Math.rint(hole.yMm())).toList(), List.of(17.0, 77.0, 137.0, 197.0));
        assertTrue(holes.stream().allMatch(hole -> Math.abs(hole.xMm() - 8) < MEETS));
    }

    private static FlatPoint middle(Outline outline) {
        return new FlatPoint(
                outline.points().stream().mapToDouble(FlatPoint::xMm).average().orElseThrow(),
                outline.points().stream().mapToDouble(FlatPoint::yMm).average().orElseThrow());
    }

    private static CoverBase sewnThrough() {
        return Blocks.soft(Blocks.a5(), Covering.THROUGH_SPINE);
    }

    /** Front of 152 mm, spine of 20 mm, as high as the leaf and 3 mm past it at head and tail; folded in 35 mm. */
    @Test
    public void aLimpCoverIsCutWithWhatIsFoldedIn() {
        CoverPiece four = piece(work("limp", sewnThrough()), "cover");
        assertEquals(four.wide().mm(), 35 + 152 + 20 + 152 + 35, MEETS);
        assertEquals(four.high().mm(), 35 + 216 + 35, MEETS);
        CoverPiece three = piece(work("limp", sewnThrough(), "limp-turns=THREE"), "cover");
        assertEquals(three.wide().mm(), 152 + 20 + 152 + 35, MEETS);
        CoverPiece none = piece(work("limp", sewnThrough(), "limp-turns=NONE"), "cover");
        assertEquals(none.wide().mm(), 152 + 20 + 152, MEETS);
        assertEquals(none.high().mm(), 216, MEETS);
    }

    private static List<FlatPoint> holes(CoverPiece piece) {
        return piece.folds().stream()
                .filter(outline -> outline.role() == Role.CUT)
                .map(CoverExtrasTest::middle)
                .toList();
    }

    /** Six rows of four stations; the cover stands 3 mm past the block at its head. */
    @Test
    public void aLimpCoverHasAHoleAtEveryCrossingOfRowAndStation() {
        List<FlatPoint> holes = holes(piece(work("limp", sewnThrough(), "limp-turns=NONE"), "cover"));
        assertEquals(holes.size(), 24);
        assertEquals(holes.get(0).xMm(), 152 + 3, MEETS);
        assertEquals(holes.get(0).yMm(), 3 + 15, MEETS);
    }

    /**
     * Folded in 35 mm, the cover lies double at its first station and at its last, 18 mm from head and tail: each row has two holes more, as
     * far past the folds at 35 and 251 mm. Closed geometry.
     */
    @Test
    public void whatIsFoldedInOverTheSpineIsPiercedToo() {
        List<FlatPoint> holes = holes(piece(work("limp", sewnThrough()), "cover"));
        assertEquals(holes.size(), 36);
        for (double y : new double[] {35 - 18, 251 + 18}) {
            assertEquals(
                    holes.stream()
                            .filter(hole -> Math.abs(hole.yMm() - y) < MEETS)
                            .count(),
                    6,
                    "at " + y);
        }
    }

    @Test
    public void aPlateForAGroupReachesPastItsStitches() {
        CoverWork work = work("limp", sewnThrough(), "limp-plates=EACH", "limp-plate-past=10");
        CoverPiece plate = piece(work, "plate-1");
        assertEquals(plate.wide().mm(), 20, MEETS);
        // stitches from 75 to 135 mm, 10 mm more at each end
        assertEquals(plate.high().mm(), 80, MEETS);
        assertEquals(plate.folds().size(), 12);
    }

    /** A station at 15 mm from the head of the block, which lies 3 mm below the cover's; the first row 3 mm from the edge of the spine. */
    @Test
    public void theGridOfASpineHasItsHolesWhereTheCoverHasThem() {
        CoverPiece grid = work("soft", sewnThrough()).jigs().stream()
                .filter(jig -> jig.key().equals("jig-grid"))
                .findFirst()
                .orElseThrow();
        List<FlatPoint> holes = holes(grid);
        assertEquals(holes.size(), 24);
        assertEquals(holes.get(0).xMm(), 3, MEETS);
        assertEquals(holes.get(0).yMm(), 3 + 15, MEETS);
    }

    @Test
    public void theThreadToWeaveWithIsOnTheList() {
        CoverPiece thread = piece(work("limp", sewnThrough(), "limp-stitches=WOVEN"), "weaving-1");
        assertEquals(
                thread.high().mm(), figureMm(work("limp", sewnThrough(), "limp-stitches=WOVEN"), "woven-1"), MEETS);
    }

    /** Common practice, no source: rows times the width of the group, and a fifth more. */
    @Test
    public void aWovenGroupWantsAFifthMoreThanStraightAcross() {
        CoverWork work = work("limp", sewnThrough(), "limp-stitches=WOVEN", "limp-filled=50");
        // half of 60 mm, a thread of 0.6 mm
        assertEquals(
                work.figures().stream()
                        .filter(figure -> figure.key().equals("woven-rows-1"))
                        .findFirst()
                        .orElseThrow()
                        .working()
                        .result()
                        .number(),
                50,
                0.001);
        // 200 mm to begin and to end with; six rows are 15 mm across
        assertEquals(figureMm(work, "woven-1"), 50 * 15 * 1.2 + 200, 1);
    }

    @Test
    public void aCordIsOnTheCutList() {
        CoverWork work = work("limp", sewnThrough(), "limp-closing=BUTTON");
        assertEquals(piece(work, "tie").stuff(), PieceStuff.CORD);
        assertEquals(piece(work, "tie").high().mm(), figureMm(work, "tie"), 1);
    }
}
