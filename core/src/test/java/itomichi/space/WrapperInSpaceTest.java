package itomichi.space;

import static itomichi.space.Shapes.covered;
import static itomichi.space.Shapes.figure;
import static itomichi.space.Shapes.inSpace;
import static itomichi.space.Shapes.leastMm;
import static itomichi.space.Shapes.parts;
import static itomichi.space.Shapes.piece;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.path.Point3;
import itomichi.path.Polyline;
import itomichi.space.Profile.Part;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A slip-on wrapper in space against the piece that is cut for it. Closed geometry. */
public class WrapperInSpaceTest {

    private static final Map<String, String> WRAPPED = Map.of("slip-on", "PAPER");

    private static BookPlan wrapped(String structure, String kind) {
        return covered(structure, kind, WRAPPED);
    }

    @DataProvider
    static Object[][] books() {
        return new Object[][] {
            {"tapes", "case-flat"}, {"tapes", "case-round"}, {"link-stitch", "case-flat"}, {"pamphlet", "soft-folded"}
        };
    }

    private static Profile wrapper(BookPlan plan) {
        List<Profile> all = parts(plan, Part.WRAPPER);
        assertEquals(all.size(), 1);
        return all.get(0);
    }

    /** Its height is that of the closed book; it is a little longer than the book round, which is what is given to its folds. */
    @Test(dataProvider = "books")
    public void itIsAsLargeAsItIsCut(String structure, String kind) {
        BookPlan plan = wrapped(structure, kind);
        Profile wrapper = wrapper(plan);
        assertEquals(
                wrapper.toMm() - wrapper.fromMm(), piece(plan, "slip-on").high().mm(), 0.6);
        assertEquals(
                Polyline.lengthMm(wrapper.across()),
                piece(plan, "slip-on").wide().mm(),
                6);
    }

    /** Both flaps end as far inside as they are wide. */
    @Test
    public void itsFlapsLieInsideTheCovers() {
        BookPlan plan = wrapped("tapes", "case-flat");
        Profile wrapper = wrapper(plan);
        List<Point3> points = wrapper.across();
        double flapMm = 70;
        assertEquals(points.get(0).zMm() - leastMm(wrapper), flapMm, 1e-6);
        assertEquals(points.get(points.size() - 1).zMm() - leastMm(wrapper), flapMm, 1e-6);
        Profile board = parts(plan, Part.BOARD_IN_CLOTH).get(0);
        double innerMm = board.across().get(0).yMm() + board.thickMm() / 2;
        assertTrue(points.get(0).yMm() > innerMm, "between board and block");
    }

    /** Nothing of the book comes out of it: across any depth the wrapper is outermost. */
    @Test(dataProvider = "books")
    public void allOfTheBookLiesInIt(String structure, String kind) {
        BookPlan plan = wrapped(structure, kind);
        Profile wrapper = wrapper(plan);
        double frontMm = wrapper.across().get(2).yMm();
        double outMm = wrapper.across().stream().mapToDouble(Point3::zMm).max().orElseThrow();
        for (Profile profile : inSpace(plan).profiles()) {
            for (Point3 point : profile.across()) {
                if (profile.part() != Part.WRAPPER && point.zMm() < -60) {
                    assertTrue(point.yMm() > frontMm - 1, profile.part() + " " + point);
                }
                assertTrue(point.zMm() <= outMm + 1e-6, profile.part() + " stands out of the spine: " + point);
            }
        }
        assertTrue(figure(plan, "slip-on") > 0, "it has a size");
    }
}
