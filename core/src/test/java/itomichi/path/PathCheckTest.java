package itomichi.path;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.measure.Length;
import itomichi.station.StationScheme;
import itomichi.structure.Stitching;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each wrong is done to a sound five-station pamphlet; the checks must notice each. */
public class PathCheckTest {

    private static final Stitching PAMPHLET = Structures.keyed("pamphlet")
            .orElseThrow()
            .stitching(Optional.empty())
            .orElseThrow();
    private static final Stitching.Choice FIVE = Stitching.Choice.folds(1, 5);

    private static FoldFrame frame(int stations) {
        return FoldFrame.even(
                new StationScheme.Margins(stations, Length.ofMm(20), Length.ofMm(20)).along(Length.ofMm(400)),
                2,
                Length.ofMm(1.2),
                Length.ZERO,
                Length.ofMm(0.5),
                Length.ofMm(75));
    }

    private static List<PathFault.Kind> kinds(ThreadPath path) {
        return PathCheck.faults(path, PAMPHLET.pattern(FIVE), frame(5), PAMPHLET.mostPasses(FIVE)).stream()
                .map(PathFault::kind)
                .toList();
    }

    @Test
    public void theUsualOrderIsSound() {
        assertEquals(kinds(PAMPHLET.stitch(FIVE)), List.of());
    }

    @DataProvider
    Object[][] moveNumbers() {
        int moves = PAMPHLET.stitch(FIVE).moves().size();
        return java.util.stream.IntStream.range(1, moves - 1)
                .mapToObj(i -> new Object[] {i})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "moveNumbers")
    public void aDroppedMoveIsNoticed(int dropped) {
        List<Move> moves = new ArrayList<>(PAMPHLET.stitch(FIVE).moves());
        moves.remove(dropped);
        assertFalse(kinds(new ThreadPath(moves)).isEmpty(), "dropping move " + dropped);
    }

    @Test(dataProvider = "moveNumbers")
    public void twoSwappedMovesAreNoticed(int first) {
        List<Move> moves = new ArrayList<>(PAMPHLET.stitch(FIVE).moves());
        if (first + 1 < moves.size() - 1) {
            Collections.swap(moves, first, first + 1);
            assertFalse(kinds(new ThreadPath(moves)).isEmpty(), "swapping moves " + first + " and " + (first + 1));
        }
    }

    @Test(dataProvider = "moveNumbers")
    public void aMirroredPassIsNoticed(int at) {
        List<Move> moves = new ArrayList<>(PAMPHLET.stitch(FIVE).moves());
        if (moves.get(at) instanceof Pass pass) {
            moves.set(at, new Pass(pass.hole(), pass.to().opposite()));
            assertTrue(kinds(new ThreadPath(moves)).contains(PathFault.Kind.BROKEN_CHAIN));
        }
    }

    @DataProvider
    Object[][] wrongs() {
        return new Object[][] {
            {"+3 -2 +1 -2 +4 -5 +4 -3 +3 -3 tie", PathFault.Kind.HOLE_TOO_FULL},
            {"+3 -2 +1 -2 +4 -3 tie", PathFault.Kind.HOLE_UNUSED},
            {"+3 -2 +1 -2 +4 -3 tie", PathFault.Kind.STITCH_MISSING},
            {"+3 -2 +1 -2 +3 -4 +5 -4 tie", PathFault.Kind.STITCH_NOT_WANTED},
            {"+3 -2 +1 -2 +4 -5 +4 tie", PathFault.Kind.KNOT_ENDS_APART},
        };
    }

    @Test(dataProvider = "wrongs")
    public void aWrongOrderIsNamed(String notation, PathFault.Kind kind) {
        List<PathFault.Kind> found = kinds(NotationTest.path(notation));
        assertTrue(found.contains(kind), found.toString());
    }

    @Test
    public void bothTailsOnOneSideOfTheLongStitchSlip() {
        List<Move> moves = new ArrayList<>(PAMPHLET.stitch(FIVE).moves());
        moves.set(0, new Tail(new Hole(1, 3), Face.INSIDE, Tail.Side.RIGHT));
        assertEquals(kinds(new ThreadPath(moves)), List.of(PathFault.Kind.TAILS_ON_ONE_SIDE));
    }

    @Test
    public void aSignatureThatNothingTiesIsNamed() {
        ThreadPath path = NotationTest.path("-1 +2\ns2: -2 +1");
        StitchPattern wanted = StitchPattern.leftBy(path);
        List<Move> untied = path.moves().stream()
                .filter(move -> !(move instanceof Run run
                        && run.from().signature() != run.to().signature()))
                .toList();
        List<PathFault> faults = PathCheck.faults(new ThreadPath(untied), wanted, frame(3), hole -> 2);
        assertTrue(
                faults.stream().anyMatch(fault -> fault.kind() == PathFault.Kind.SIGNATURE_LOOSE), faults.toString());
    }
}
