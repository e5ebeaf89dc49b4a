package itomichi.space;

import static itomichi.space.Shapes.covered;
import static itomichi.space.Shapes.figure;
import static itomichi.space.Shapes.frontMm;
import static itomichi.space.Shapes.inSpace;
import static itomichi.space.Shapes.leastMm;
import static itomichi.space.Shapes.mostMm;
import static itomichi.space.Shapes.parts;
import static itomichi.space.Shapes.piece;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.cover.CoverChoices;
import itomichi.measure.Length;
import itomichi.path.Point3;
import itomichi.path.Polyline;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** Covers in space against what is cut for them, and against the block that they lie round. Closed geometry. */
public class CoverInSpaceTest {

    private static final double PAPER_MM = 0.2;

    private static BookPlan cased() {
        return Planner.plan(Books.bound("tapes").withPages(96));
    }

    @Test
    public void boardsStandOutByTheirSquares() {
        BookPlan plan = cased();
        List<Profile> boards = parts(plan, Part.BOARD_IN_CLOTH);
        assertEquals(boards.size(), 2);
        Profile front = boards.get(0);
        assertEquals(front.toMm() - front.fromMm(), piece(plan, "board").high().mm(), 1e-6);
        double leafMm = plan.spec().leaf().width().mm();
        assertEquals(-leastMm(front) - leafMm, figure(plan, "square-fore"), 1e-6);
        assertTrue(front.across().get(0).yMm() < boards.get(1).across().get(0).yMm(), "one on either side");
    }

    @Test
    public void pastedownsLieBetweenBlockAndBoards() {
        BookPlan plan = cased();
        Profile board = parts(plan, Part.BOARD_IN_CLOTH).get(0);
        double boardMm = board.across().get(0).yMm() + board.thickMm() / 2;
        for (Part part : List.of(Part.ENDPAPER, Part.PASTEDOWN)) {
            List<Profile> ends = parts(plan, part);
            assertEquals(ends.size(), 2);
            Point3 edge = ends.get(0).across().get(0);
            assertTrue(edge.yMm() + ends.get(0).thickMm() / 2 <= frontMm(plan) + 0.02, part + " before the first leaf");
            assertTrue(edge.yMm() - ends.get(0).thickMm() / 2 >= boardMm - 0.02, part + " inside the board");
        }
    }

    /** Beside a board the cloth goes down to the block: half way between its edge and the spine it lies on the endpapers. */
    @Test
    public void theClothIsPressedIntoTheJoint() {
        BookPlan plan = cased();
        Profile board = parts(plan, Part.BOARD_IN_CLOTH).get(0);
        double innerMm = board.across().get(1).yMm() + board.thickMm() / 2;
        double hingeMm = mostMm(board);
        List<Point3> cloth = parts(plan, Part.CLOTH).get(0).across();
        List<Point3> joint = cloth.subList(0, cloth.size() / 2).stream()
                .filter(point -> point.zMm() > hingeMm + 0.01 && point.zMm() <= 0)
                .toList();
        assertTrue(!joint.isEmpty(), "something lies in the joint");
        for (Point3 point : joint) {
            assertTrue(Math.abs(point.yMm() - innerMm) < 0.5, point + " beside a board that ends at " + innerMm);
        }
    }

    /** Nothing that is sewn stands out through the case: tapes are glued down, tails lie on the spine. */
    @Test
    public void underACaseLiesAllThatIsSewn() {
        BookPlan plan = cased();
        Profile cloth = parts(plan, Part.CLOTH).get(0);
        double frontMm = cloth.across().get(0).yMm();
        for (Profile tape : parts(plan, Part.TAPE)) {
            assertTrue(tape.across().get(0).yMm() > frontMm, "a tape ends under the board: " + tape.across());
        }
        double outMm = inSpace(plan).thread().stream()
                .flatMap(laid -> laid.points().stream())
                .mapToDouble(Point3::zMm)
                .max()
                .orElseThrow();
        assertTrue(outMm < mostMm(cloth), "no thread past the cloth: " + outMm);
    }

    /** The share of a board that is said to be cloth, 22 of 100, but for the 3 mm that the paper lies over its edge. */
    @Test
    public void onAQuarterCaseTheClothEndsOnTheBoard() {
        BookPlan plan = covered("tapes", "case-flat", Map.of("covered", "QUARTER"));
        Profile board = parts(plan, Part.BOARD_IN_PAPER).get(0);
        double wideMm = piece(plan, "board").wide().mm();
        assertEquals(mostMm(board) - leastMm(parts(plan, Part.CLOTH).get(0)), 0.22 * wideMm - 3, 0.01);
    }

    /** Cloth on both leaves and round the fold between them, as wide as it is cut. */
    @Test
    public void aClothJointIsAsWideAsItIsCut() {
        BookPlan plan = covered("tapes", "case-flat", Map.of("ends", "JOINT"));
        double onBoardMm = parts(plan, Part.CLOTH).stream()
                .filter(cloth -> cloth.fromMm() == 0)
                .mapToDouble(cloth -> Polyline.lengthMm(cloth.across()))
                .findFirst()
                .orElseThrow();
        double inJointMm =
                Polyline.lengthMm(parts(plan, Part.CLOTH_JOINT).get(0).across());
        assertEquals(inJointMm + onBoardMm, piece(plan, "cloth-joint").wide().mm(), 0.5);
    }

    /** The papers inside boards that are sewn on end short of every edge by what is said. */
    @Test
    public void whatLinesABoardEndsShortOfItsEdges() {
        BookSpec book = Books.bound("link-stitch").withPages(96);
        BookPlan plan = Planner.plan(book.withStitch(book.stitch().withVariant("boards")));
        Profile board = parts(plan, Part.BOARD_IN_PAPER).get(0);
        Profile lining = parts(plan, Part.PASTEDOWN).get(0);
        double shortMm = (piece(plan, "board").wide().mm()
                        - piece(plan, "pastedown").wide().mm())
                / 2;
        assertEquals(lining.fromMm() - board.fromMm(), shortMm, 1e-6);
        assertEquals(leastMm(lining) - leastMm(board), shortMm, 1e-6);
    }

    /** A case that is there already is as high and as wide as it was measured, whatever the block. */
    @Test
    public void aCaseThatIsThereIsAsItWasMeasured() {
        BookSpec book = Books.bound("tapes").withPages(96);
        CoverChoices measured = new CoverChoices(Map.of("taken-front", 160.0, "taken-height", 220.0), Map.of());
        BookPlan plan = Planner.plan(
                book.withCovering(book.covering().withKind("case-taken").withChoices(measured)));
        Profile board = parts(plan, Part.BOARD_IN_CLOTH).get(0);
        assertEquals(board.toMm() - board.fromMm(), 220, 1e-6);
        assertEquals(mostMm(board) - leastMm(board), 160, 1e-6);
    }

    /** Of a leaf of 50 mm a board that is narrower by 60 is nothing: the block is drawn without it. */
    @Test
    public void aBoardOfNothingIsNotDrawn() {
        BookSpec narrow = Books.bound("tapes")
                .withPages(96)
                .withLeaf(new BookSpec.Leaf(Length.ofMm(50), Length.ofMm(210), false));
        CoverChoices setBack = new CoverChoices(Map.of("setback", 60.0), Map.of());
        BookPlan plan = Planner.plan(narrow.withCovering(narrow.covering().withChoices(setBack)));
        assertEquals(parts(plan, Part.BOARD_IN_CLOTH), List.of());
        assertTrue(!parts(plan, Part.SHEET).isEmpty(), "the block is there");
    }

    /** Strip, gap and board make up the front; nothing of it lies where the thread does, outside the block. */
    @Test
    public void aHingedBoardBeginsPastItsGap() {
        BookSpec stabbed = Books.bound("stab-four-hole").withPages(96);
        BookPlan plan = covered(
                stabbed.withCover(stabbed.cover().withWanted(true).withThickness(Length.ofMm(2))),
                "stab-hinged",
                Map.of());
        Profile board = parts(plan, Part.BOARD_IN_PAPER).get(0);
        Profile strip = parts(plan, Part.STRIP).get(0);
        assertEquals(-leastMm(strip), figure(plan, "hinge-strip"), 1e-6);
        assertEquals(leastMm(strip) - mostMm(board), figure(plan, "hinge-gap"), 1e-6);
        for (Part part : List.of(Part.STRIP, Part.CLOTH, Part.BOARD_IN_PAPER)) {
            Profile front = parts(plan, part).get(0);
            for (Point3 point : front.across()) {
                assertTrue(point.yMm() - front.thickMm() / 2 >= -1e-6, part + " " + point);
            }
        }
        assertEquals(parts(plan, Part.SOFT_COVER), List.of());
    }

    /** Each section is sewn to its own wall of the pleat: its holes go through paper and wall. */
    @Test
    public void thePleatHasItsOwnHoles() {
        BookPlan plan = Planner.plan(Books.bound("double-pamphlet").withPages(96));
        double sheetsMm = parts(plan, Part.SHEET).stream()
                .filter(sheet -> sheet.signature() == 1)
                .mapToDouble(Profile::thickMm)
                .sum();
        Length cover = plan.spec().cover().thickness();
        Pierced hole = inSpace(plan).holes().get(0);
        assertEquals(Math.abs(hole.from().zMm() - hole.to().zMm()), sheetsMm + cover.mm(), PAPER_MM / 10);
    }
}
