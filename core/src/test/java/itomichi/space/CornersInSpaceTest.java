package itomichi.space;

import static itomichi.space.Shapes.covered;
import static itomichi.space.Shapes.leastMm;
import static itomichi.space.Shapes.parts;
import static itomichi.space.Shapes.piece;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.path.Point3;
import itomichi.space.Profile.Cut;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Corners at the fore edge in space: cut round, or of cloth. Closed geometry: the equation of the circle. */
public class CornersInSpaceTest {

    private static final double RADIUS_MM = 12;

    private static BookPlan rounded(String way, Map<String, String> others) {
        BookSpec book = Books.bound("tapes").withPages(96);
        Map<String, String> schools = new HashMap<>(others);
        schools.put("corners-cut", way);
        return Planner.plan(Books.covered(book, "case-flat", Map.of("corner-radius", RADIUS_MM), schools));
    }

    /** Every point that is told lies on the circle, as deep in the board as it is; none of the rest is cut. */
    private static void assertRound(Profile profile, double edgeMm) {
        assertTrue(profile.cuts().size() == profile.across().size(), profile.part() + " is cut");
        for (int i = 0; i < profile.cuts().size(); i++) {
            double deepMm = profile.across().get(i).zMm() - edgeMm;
            Cut cut = profile.cuts().get(i);
            if (deepMm > RADIUS_MM) {
                assertEquals(cut, new Cut(0, 0), "past the arc");
            } else {
                double fromCentre = Math.hypot(RADIUS_MM - deepMm, RADIUS_MM - cut.headMm());
                assertEquals(fromCentre, RADIUS_MM, 1e-6);
                assertEquals(cut.tailMm(), cut.headMm(), 1e-6);
            }
        }
    }

    @Test
    public void boardsAreCutByTheGauge() {
        BookPlan plan = rounded("BOARDS", Map.of());
        for (Profile board : parts(plan, Part.BOARD_IN_CLOTH)) {
            assertRound(board, leastMm(board));
        }
        assertTrue(
                parts(plan, Part.SHEET).stream().allMatch(sheet -> sheet.cuts().isEmpty()), "the leaves stay square");
    }

    /** Cloth is pinched round the corners of the boards under it. */
    @Test
    public void clothGoesRoundAsItsBoardsDo() {
        BookPlan plan = rounded("BOARDS", Map.of());
        Profile board = parts(plan, Part.BOARD_IN_CLOTH).get(0);
        assertRound(parts(plan, Part.CLOTH).get(0), leastMm(board));
    }

    /** Each leaf by its own edges, on both sides of its fold; the fold stays where it parts. */
    @Test
    public void leavesAreCutToo() {
        BookPlan plan = rounded("ALL", Map.of());
        List<Profile> square = parts(rounded("BOARDS", Map.of()), Part.SHEET);
        List<Profile> sheets = parts(plan, Part.SHEET);
        for (int i = 0; i < sheets.size(); i++) {
            Profile sheet = sheets.get(i);
            assertRound(sheet, leastMm(sheet));
            Point3 fold = square.get(i).across().get(square.get(i).turn());
            assertEquals(sheet.across().get(sheet.turn()), fold, "it parts at its fold");
        }
        for (Part part : List.of(Part.ENDPAPER, Part.PASTEDOWN)) {
            assertRound(parts(plan, part).get(0), leastMm(parts(plan, part).get(0)));
        }
    }

    /** What lines a board is cut with that, whether the leaves are round or not. */
    @Test
    public void whatLinesABoardIsCutWithIt() {
        BookSpec book = Books.bound("link-stitch").withPages(96);
        BookSpec boards = book.withStitch(book.stitch().withVariant("boards"));
        List<List<Cut>> cuts = Stream.of("BOARDS", "ALL")
                .map(way -> covered(boards, "boards-sewn", Map.of("corners-cut", way)))
                .map(plan -> parts(plan, Part.PASTEDOWN).get(0).cuts())
                .toList();
        assertFalse(cuts.get(0).isEmpty(), "it is cut");
        assertEquals(cuts.get(1), cuts.get(0));
    }

    /** Along either edge as far as the paper is cut back from the corner of its board. */
    @Test
    public void aHalfCoverHasClothOnItsCorners() {
        BookPlan plan = covered("tapes", "case-flat", Map.of("covered", "HALF"));
        double boardMm = piece(plan, "board").wide().mm();
        double seenMm = 0.22 * boardMm - 3 * Math.sqrt(2);
        List<Profile> corners = parts(plan, Part.CLOTH).stream()
                .filter(cloth -> !cloth.cuts().isEmpty())
                .toList();
        assertEquals(corners.size(), 4);
        for (Profile corner : corners) {
            assertEquals(corner.toMm() - corner.fromMm(), seenMm, 0.01);
            Cut inner = corner.cuts().get(1);
            assertEquals(corner.across().get(0).distanceMm(corner.across().get(1)), seenMm, 0.1);
            assertEquals(inner.headMm() + inner.tailMm(), seenMm, 0.01, "it ends in a point");
        }
    }

    @Test
    public void clothOnARoundCornerIsRound() {
        BookPlan plan = rounded("BOARDS", Map.of("covered", "HALF"));
        Profile head = parts(plan, Part.CLOTH).stream()
                .filter(cloth -> !cloth.cuts().isEmpty())
                .findFirst()
                .orElseThrow();
        assertEquals(head.cuts().get(0).headMm(), RADIUS_MM, 1e-6);
        assertEquals(head.cuts().get(0).tailMm(), 0, 1e-6);
    }
}
