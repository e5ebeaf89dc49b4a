package itomichi.path;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.station.SidePosition;
import itomichi.station.Stations;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The engine under structures that it must carry besides the pamphlet: several signatures, links, stab bindings. */
public class FramesTest {

    private static final FoldFrame FOLDS = FoldFrame.even(
            new Stations(List.of(Length.ofMm(20), Length.ofMm(60), Length.ofMm(100))),
            3,
            Length.ofMm(1.5),
            Length.ofMm(4),
            Length.ofMm(0.5),
            Length.ofMm(75));
    private static final StabFrame BLOCK = new StabFrame(
            List.of(
                    new SidePosition(Length.ofMm(15), Length.ofMm(10)),
                    new SidePosition(Length.ofMm(45), Length.ofMm(10))),
            Length.ofMm(60),
            Length.ofMm(6),
            Length.ofMm(0.6),
            Length.ofMm(75));

    @DataProvider
    Object[][] lengths() {
        Hole second = new Hole(2, 2);
        Hole first = new Hole(1, 1);
        return new Object[][] {
            // closed forms, worked by hand
            {new Pass(second, Face.OUTSIDE), FOLDS, 1.5},
            {new Run(first, new Hole(1, 3), Face.INSIDE), FOLDS, 80.0},
            {new Run(new Hole(1, 3), new Hole(2, 3), Face.OUTSIDE), FOLDS, 4.0},
            {new Link(second), FOLDS, 2 * 4 + Math.PI * 0.5},
            {new Kettle(second), FOLDS, 2 * 4 + 3 * Math.PI * 0.5},
            {new Knot(second, Face.INSIDE, 2), FOLDS, 12.0},
            {new Wrap(first, Edge.SPINE, Face.BACK), BLOCK, 2 * 10 + 6},
            {new Wrap(first, Edge.HEAD, Face.FRONT), BLOCK, 2 * 15 + 6},
            {new Wrap(first, Edge.TAIL, Face.FRONT), BLOCK, 2 * 45 + 6},
            {new Pass(first, Face.BACK), BLOCK, 6.0},
        };
    }

    @Test(dataProvider = "lengths")
    public void everyMoveHasItsClosedForm(Move move, Frame frame, double mm) {
        assertEquals(move.lengthMm(frame), mm, 1e-9);
    }

    /** The trace measured by JTS, which knows nothing of moves. */
    @Test(dataProvider = "lengths")
    public void everyMoveLiesAsLongAsItsFormulaSays(Move move, Frame frame, double mm) {
        assertEquals(Jts.lengthMm(move.trace(frame)), mm, mm * 1e-3);
    }

    @Test
    public void aFourHoleStabBindingIsAPathLikeAnyOther() {
        ThreadPath path = NotationTest.path("v1 spine v1 ^2 spine ^2");
        // four passes of 6, two wraps of 26, runs on the back and on the front of 30
        assertEquals(path.sewnMm(BLOCK), 4 * 6 + 2 * 26 + 30.0, 1e-9);
    }

    @Test
    public void aFoldHasNoEdgeToWrap() {
        expectThrows(
                IllegalArgumentException.class,
                () -> new Wrap(new Hole(1, 1), Edge.SPINE, Face.OUTSIDE).lengthMm(FOLDS));
    }

    @Test
    public void theThreadIsUnbrokenInSpace() {
        ThreadPath path = NotationTest.path("+2 -1 +3 -2 tie");
        List<Point3> points = path.trace(FOLDS);
        assertEquals(Jts.lengthMm(points), path.sewnMm(FOLDS) + path.tailsMm(FOLDS), 0.02);
    }

    /** Lengths by a geometry library. */
    static final class Jts {
        private Jts() {}

        static double lengthMm(List<Point3> points) {
            double sum = 0;
            for (int i = 1; i < points.size(); i++) {
                sum += coordinate(points.get(i - 1)).distance3D(coordinate(points.get(i)));
            }
            return sum;
        }

        private static Coordinate coordinate(Point3 point) {
            return new Coordinate(point.xMm(), point.yMm(), point.zMm());
        }
    }
}
