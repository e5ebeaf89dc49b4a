package itomichi.path;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.station.Stations;
import java.util.List;
import java.util.Set;
import java.util.stream.DoubleStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Spines whose signatures differ: rows set apart, pairs in one row, tapes, cords, boards, edges of a cover. Closed forms, by hand. */
public class SpinesTest {

    private static final Supports ALL = new Supports(
            Set.of(2), Length.ofMm(0.4), Length.ofMm(3), Length.ofMm(2), Length.ofMm(8), Set.of(), Length.ZERO);

    private static FoldFrame spine(Supports supports, double... acrossMm) {
        return new FoldFrame(
                new Stations(List.of(Length.ofMm(12), Length.ofMm(60), Length.ofMm(74), Length.ofMm(180))),
                DoubleStream.of(acrossMm)
                        .mapToObj(mm -> new FoldFrame.Layer(Length.ofMm(1 + mm / 100), Length.ofMm(mm)))
                        .toList(),
                new FoldFrame.Edges(Length.ofMm(200), Length.ofMm(3), Length.ofMm(5)),
                supports,
                Length.ofMm(0.5),
                Length.ofMm(75));
    }

    private static final FoldFrame ROWS = spine(ALL, 0, 5, 11);
    private static final FoldFrame PAIRS = spine(ALL, 0, 0, 6, 6);

    private static Hole hole(int signature, int station) {
        return new Hole(signature, station);
    }

    @DataProvider
    Object[][] lengths() {
        double linkRound = Math.PI * 0.5;
        return new Object[][] {
            {"up one row", ROWS, new Run(hole(1, 4), hole(2, 4), Face.OUTSIDE), 5.0},
            {"up a wider row", ROWS, new Run(hole(2, 1), hole(3, 1), Face.OUTSIDE), 6.0},
            {"within a pair of one row", PAIRS, new Run(hole(1, 4), hole(2, 4), Face.OUTSIDE), 0.0},
            {"over a tape", ROWS, new Run(hole(1, 2), hole(1, 3), Face.OUTSIDE), 14 + 2 * 0.4},
            {"inside, past the tape", ROWS, new Run(hole(1, 2), hole(1, 3), Face.INSIDE), 14.0},
            {"beside the tape", ROWS, new Run(hole(1, 3), hole(1, 4), Face.OUTSIDE), 106.0},
            {"a link to the row below", ROWS, new Link(hole(3, 2)), 2 * 6 + linkRound},
            {"a link of a pair, to the row below", PAIRS, new Link(hole(4, 2)), 2 * 6 + linkRound},
            {"a kettle", ROWS, new Kettle(hole(2, 1)), 2 * 5 + 3 * linkRound},
            {"under the stitch below", ROWS, new Under(hole(2, 3), hole(2, 2)), 14 + 2 * 5 + linkRound},
            {"over the cord", ROWS, new Over(hole(1, 1)), Math.PI * 3.5},
            {"round a board", ROWS, new Board(hole(1, 1)), 2 * (8 + 2.0)},
            {"a pass of the first", ROWS, new Pass(hole(1, 1), Face.INSIDE), 1.0},
            {"a pass of a thicker one", ROWS, new Pass(hole(3, 1), Face.INSIDE), 1.11},
            {"round the tail of a cover", ROWS, new Round(hole(1, 4), hole(2, 4), Edge.TAIL), 25 + 1.0 + 5 + 1.05 + 25},
            {"round its head", ROWS, new Round(hole(2, 1), hole(3, 1), Edge.HEAD), 15 + 1.05 + 6 + 1.11 + 15},
        };
    }

    @Test(dataProvider = "lengths")
    public void everyLengthIsItsClosedForm(String what, FoldFrame frame, Move move, double mm) {
        assertEquals(move.lengthMm(frame), mm, 1e-9, what);
    }

    @Test(dataProvider = "lengths")
    public void everyTraceIsAsLong(String what, FoldFrame frame, Move move, double mm) {
        assertEquals(FramesTest.Jts.lengthMm(move.trace(frame)), mm, Math.max(0.001, mm * 1e-3), what);
    }

    @Test(dataProvider = "lengths")
    public void sewnFromTheOtherEndItIsAsLong(String what, FoldFrame frame, Move move, double mm) {
        assertEquals(move.reversed().lengthMm(frame), mm, 1e-9, what);
        assertEquals(move.reversed().start(), move.end(), what);
    }

    @Test
    public void aFoldHasNoSpineEdge() {
        expectThrows(IllegalArgumentException.class, () -> ROWS.toEdgeMm(hole(1, 1), Edge.SPINE));
    }

    @Test
    public void headAndTailAreGoneRoundFromOneSignatureToAnother() {
        expectThrows(IllegalArgumentException.class, () -> new Round(hole(1, 1), hole(1, 4), Edge.HEAD));
        expectThrows(IllegalArgumentException.class, () -> new Round(hole(1, 1), hole(2, 1), Edge.SPINE));
    }

    @Test
    public void aStitchUnderAnotherNeedsTwoHoles() {
        expectThrows(IllegalArgumentException.class, () -> new Under(hole(1, 1), hole(1, 1)));
    }

    @Test
    public void aSpineHasASignature() {
        expectThrows(IllegalArgumentException.class, () -> spine(ALL));
    }
}
