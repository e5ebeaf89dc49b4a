package itomichi.space;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.measure.Length;
import itomichi.path.Point3;
import itomichi.path.Polyline;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A leaf from its fold to where it ends, folded back where it is wider than the book. Closed geometry. */
public class LeafInSpaceTest {

    private static final Length LEAF = Length.ofMm(148);
    private static final double PAPER_MM = 0.1;
    /** A sharp fold at the front of the book: nothing is spent on going round it. */
    private static List<Point3> points(double wideMm) {
        return new LeafInSpace(Length.ofMm(wideMm), LEAF, PAPER_MM, 0, 0, 1).points(0, 0, Double.NEGATIVE_INFINITY);
    }

    @DataProvider
    Object[][] widths() {
        // narrower than the book, as wide, folded back once, twice
        return new Object[][] {{60.0, 1}, {148.0, 1}, {260.0, 2}, {400.0, 3}};
    }

    @Test(dataProvider = "widths")
    public void itIsAsLongAsItWasCut(double wideMm, int layers) {
        // each turn goes aside by the thickness of the paper
        assertEquals(Polyline.lengthMm(points(wideMm)), wideMm + (layers - 1) * PAPER_MM, 1e-6);
    }

    @Test(dataProvider = "widths")
    public void itLiesOverItselfAsOftenAsItIsFolded(double wideMm, int layers) {
        double aside = points(wideMm).stream().mapToDouble(Point3::yMm).max().orElseThrow();
        assertEquals(aside, (layers - 1) * PAPER_MM, 1e-9);
    }

    /** Folded back before the fore edge, and never past the fold. */
    @Test(dataProvider = "widths")
    public void itLiesWithinTheBook(double wideMm, int layers) {
        for (Point3 point : points(wideMm)) {
            assertTrue(point.zMm() <= 1e-9 && point.zMm() >= -LEAF.mm() - 1e-9, point.toString());
        }
    }
}
