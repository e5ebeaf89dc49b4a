package itomichi.cover;

import static itomichi.cover.Blocks.figureMm;
import static itomichi.cover.Blocks.settled;
import static org.testng.Assert.assertEquals;

import itomichi.cover.CoverLook.View;
import itomichi.cover.Outline.Role;
import itomichi.gathering.Back;
import itomichi.structure.Covering;
import java.util.function.ToDoubleFunction;
import org.testng.annotations.Test;

/** Drawings are to scale: what is drawn is measured again and compared with the sizes that are cut. Source: plane geometry. */
public class CoverLooksTest {

    private static final double TRUE = 0.01;
    /** Round an A5 block, 20 mm at the spine, 18 mm at the fore edge; creep 1 mm, square 3 mm, cover 0.5 mm. */
    private static final CoverBase SOFT = Blocks.soft(Blocks.a5(), Covering.THROUGH_SPINE);

    private static final CoverWork PLAIN = new SoftSewn().work(SOFT, CoverChoices.USUAL);
    private static final CoverWork FLAP = new SoftWrapped().work(SOFT, settled("flap=50"));
    private static final CoverWork CASE = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), CoverChoices.USUAL);

    private static CoverLook look(CoverWork work, View view) {
        return work.looks().stream()
                .filter(one -> one.view() == view)
                .findFirst()
                .orElseThrow();
    }

    private static Outline named(CoverWork work, View view, String name) {
        return look(work, view).outlines().stream()
                .filter(outline -> outline.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static double least(Outline outline, ToDoubleFunction<FlatPoint> side) {
        return outline.points().stream().mapToDouble(side).min().orElseThrow();
    }

    private static double most(Outline outline, ToDoubleFunction<FlatPoint> side) {
        return outline.points().stream().mapToDouble(side).max().orElseThrow();
    }

    private static void reaches(Outline outline, double left, double right) {
        assertEquals(least(outline, FlatPoint::xMm), left, TRUE, outline.name());
        assertEquals(most(outline, FlatPoint::xMm), right, TRUE, outline.name());
    }

    private static void stands(Outline outline, double top, double bottom) {
        assertEquals(least(outline, FlatPoint::yMm), top, TRUE, outline.name());
        assertEquals(most(outline, FlatPoint::yMm), bottom, TRUE, outline.name());
    }

    @Test
    public void fromOutsideTheBackLiesAtTheLeft() {
        reaches(named(PLAIN, View.OPENED_OUTSIDE, "back"), 0, 152);
        reaches(named(PLAIN, View.OPENED_OUTSIDE, "spine"), 152, 172);
        reaches(named(PLAIN, View.OPENED_OUTSIDE, "front"), 172, 324);
    }

    @Test
    public void fromInsideTheFrontLiesAtTheLeft() {
        reaches(named(PLAIN, View.OPENED_INSIDE, "front"), 0, 152);
        reaches(named(PLAIN, View.OPENED_INSIDE, "back"), 172, 324);
    }

    @Test
    public void aFlapLiesPastTheBack() {
        reaches(named(FLAP, View.OPENED_OUTSIDE, "flap"), 0, 76);
        reaches(named(FLAP, View.OPENED_OUTSIDE, "back"), 76 + 18.5, 76 + 18.5 + 152);
    }

    @Test
    public void aClosedFrontStandsItsSquareAndCreepPastTheLeaves() {
        CoverLook front = look(PLAIN, View.CLOSED_FRONT);
        assertEquals(front.widthMm(), 152, TRUE);
        assertEquals(front.heightMm(), 216, TRUE);
        reaches(named(PLAIN, View.CLOSED_FRONT, "leaves"), 0, 148);
        stands(named(PLAIN, View.CLOSED_FRONT, "leaves"), 3, 213);
    }

    @Test
    public void aFlapLiesAtTheForeEdgeOfTheFront() {
        reaches(named(FLAP, View.CLOSED_FRONT, "flap"), 76, 152);
    }

    @Test
    public void fromTheHeadTheBlockIsAWedge() {
        Outline block = named(PLAIN, View.CLOSED_HEAD, "block");
        reaches(block, 0.5, 148.5);
        // half a millimetre of cover lies above the block
        stands(block, 0.5, 20.5);
        assertEquals(block.points().get(2).yMm() - block.points().get(1).yMm(), 18, TRUE);
        assertEquals(block.points().get(3).yMm() - block.points().get(0).yMm(), 20, TRUE);
    }

    @Test
    public void fromTheHeadASoftCoverGoesRoundTheBlock() {
        Outline cover = look(PLAIN, View.CLOSED_HEAD).outlines().get(1);
        reaches(cover, 0, 152.5);
        stands(cover, 0, 21);
        // at its edge the front is as far off the middle as the wedge has left: 10 - 152 / 148
        double edge = 10 - 152.0 / 148;
        assertEquals(cover.points().get(0).yMm(), 10.5 - edge, TRUE);
        assertEquals(cover.points().get(7).yMm(), 10.5 - edge - 0.5, TRUE);
        assertEquals(cover.points().get(3).yMm(), 10.5 + edge, TRUE);
        assertEquals(cover.points().get(4).yMm(), 10.5 + edge + 0.5, TRUE);
    }

    @Test
    public void fromTheHeadAFlapLiesOnTheFront() {
        Outline flap = look(FLAP, View.CLOSED_HEAD).outlines().get(2);
        reaches(flap, 152.5 - figureMm(FLAP, "cover-flap"), 153);
        Outline cover = look(FLAP, View.CLOSED_HEAD).outlines().get(1);
        double middle = (least(cover, FlatPoint::yMm) + most(cover, FlatPoint::yMm)) / 2;
        // half way along the front the block is 10 - 76 / 148 from the middle, and the front 0.5 more
        double there = 10 - 76.0 / 148 + 0.5;
        assertEquals(flap.points().get(2).yMm(), middle - there, TRUE);
        assertEquals(flap.points().get(3).yMm(), middle - there - 0.5, TRUE);
        double edge = 10 - 152.0 / 148 + 0.5;
        assertEquals(flap.points().get(0).yMm(), middle + edge, TRUE);
        assertEquals(flap.points().get(1).yMm(), middle - edge, TRUE);
    }

    /** Joint 7 mm less a board of 2 mm: the boards begin 5 mm from the spine; behind it lies the spine piece, 2 mm thick. */
    @Test
    public void fromTheHeadTheBoardsOfACaseBeginPastTheirJoint() {
        for (String board : new String[] {"front board", "back board"}) {
            reaches(named(CASE, View.CLOSED_HEAD, board), 2 + 5, 2 + 5 + 144.5);
        }
        reaches(named(CASE, View.CLOSED_HEAD, "spine piece"), 0, 2);
        stands(named(CASE, View.CLOSED_HEAD, "spine piece"), 2, 22);
    }

    @Test
    public void fromTheHeadBothBoardsAreAsThickAndAsFarFromTheMiddle() {
        Outline front = named(CASE, View.CLOSED_HEAD, "front board");
        Outline back = named(CASE, View.CLOSED_HEAD, "back board");
        double near = 10 - 5.0 / 148;
        double far = 10 - (5 + 144.5) / 148;
        stands(front, 12 - near - 2, 12 - far);
        stands(back, 12 + far, 12 + near + 2);
    }

    @Test
    public void onItsClothACaseLiesATurnInFromTheEdges() {
        reaches(named(CASE, View.OPENED_INSIDE, "front board"), 18, 162.5);
        stands(named(CASE, View.OPENED_INSIDE, "front board"), 18, 232);
        reaches(named(CASE, View.OPENED_INSIDE, "spine piece"), 169.5, 189.5);
        reaches(named(CASE, View.OPENED_INSIDE, "back board"), 196.5, 341);
        reaches(named(CASE, View.OPENED_INSIDE, "strip"), 139.5, 219.5);
    }

    @Test
    public void aRoundSpinePieceRisesBehindTheBlock() {
        CoverWork round =
                new RoundCase().work(Blocks.cased(Blocks.a5(), Back.ROUNDED), settled("round=RISE", "rise=4"));
        Outline piece = named(round, View.CLOSED_HEAD, "spine piece");
        reaches(piece, 0, 4);
        stands(piece, 2, 22);
    }

    @Test
    public void paperSidesBeginOnTheSpineCloth() {
        CoverWork quarter =
                new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("covered=QUARTER", "spine-cloth=20"));
        Outline paper = look(quarter, View.OPENED_OUTSIDE).outlines().stream()
                .filter(outline -> outline.role() == Role.PAPER)
                .findFirst()
                .orElseThrow();
        // a fifth of 144.5 mm is cloth, of which 3 mm lie under the paper
        reaches(paper, 0, 144.5 - 28.9 + 3);
    }
}
