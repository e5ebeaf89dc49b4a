package itomichi.structure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.fail;

import itomichi.measure.Length;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Frame;
import itomichi.path.Move;
import itomichi.path.Notation;
import itomichi.path.Pass;
import itomichi.path.PathCheck;
import itomichi.path.PathFault;
import itomichi.path.Run;
import itomichi.path.StabFrame;
import itomichi.path.ThreadPath;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.SideScheme;
import itomichi.station.StationScheme;
import itomichi.station.Stations;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every structure's thread: its order as binders sew it, and every way of it through the independent checks. */
public class StitchesTest {

    private static Stitching stitching(String key) {
        return Structures.keyed(key).orElseThrow().stitching(Optional.empty()).orElseThrow();
    }

    @DataProvider
    Object[][] orders() {
        // the usual orders of the trade: common practice, no published source
        return new Object[][] {
            {"corded-pamphlet", "usual", 1, 3, "+2 over -2 +1 over -1 +3 over -3 ~2 tie"},
            {"several-pamphlets", "usual", 2, 3, "+2 -1 +3 -2 tie cut\ns2: +2 -1 +3 -2 tie"},
            {"double-pamphlet", "usual", 2, 5, "+3 -2 +1 -2 +4 -5 +4 -3 tie"},
            {"link-stitch", "usual", 4, 4, """
                -1 +2 -2 +3 -3 +4
                s2: -4 +3 link -3 +2 link -2 +1 tie
                s3: -1 +2 link -2 +3 link -3 +4 kettle
                s4: -4 +3 link -3 +2 link -2 +1 kettle kettle"""},
            {"link-stitch", "boards", 2, 3, """
                +1 board -1 +2 board -2 +3 board
                s2: ~3 board -3 +2 link board -2 +1 board kettle kettle"""},
            {"french-link", "usual", 3, 6, """
                -1 +2 -3 +4 -5 +6
                s2: -6 +5 under -4 +3 under -2 +1 tie
                s3: -1 +2 under -3 +4 under -5 +6 kettle kettle"""},
            {"tapes", "usual", 3, 4, """
                -1 +2 -3 +4
                s2: -4 +3 -2 +1 tie
                s3: -1 +2 -3 +4 kettle kettle"""},
            {"tapes", "two-on", 5, 6, """
                -1 +2
                s2: -3 +4
                s1: -5 +6
                s3: -6 +5
                s4: -4 +3
                s3: -2 +1 tie
                s5: -1 +2 -3 +4 -5 +6 kettle2 kettle2"""},
            {"tapes", "two-on-between", 4, 4, """
                -1 +2 -3 +4
                s2: -4 +3
                s3: -2 +1 tie
                s4: -1 +2 -3 +4 kettle2 kettle2"""},
            {"long-stitch", "usual", 3, 4, """
                -1 +2 -3 +4
                s2: -4 +3 -2 +1 tie
                s3: -1 +2 -3 +4 kettle kettle"""},
            {"long-stitch", "there-and-back", 2, 4, """
                +1 -2 +3 -4 +3 -2 ~1 tie +1
                s2: -1 +2 -3 +4 -3 +2 -1 tie"""},
            {"long-stitch", "pairs", 3, 4, """
                +1 -2 +3 -4 tail
                s2: +4 -3 +2 -1 head
                s3: +1 -2 +3 -4 tie"""},
            {"paired-rows", "usual", 4, 6, """
                -1 +2 -3 +4 -5 +6
                s2: -6 +5 -4 +3 -2 +1 tie
                s3: -1 +2 -3 +4 -5 +6 link
                s4: -6 +5 -4 +3 -2 +1 link kettle"""},
        };
    }

    @Test(dataProvider = "orders")
    public void theOrderIsTheOneThatBindersSew(String key, String variant, int signatures, int stations, String order) {
        Stitching.Choice choice = Stitching.Choice.folds(signatures, stations).withVariant(variant);
        assertEquals(Notation.write(stitching(key).stitch(choice)), order);
    }

    /** Out at the middle of five, to the head without wrapping, back wrapping, the same to the tail: common practice, no source. */
    @Test
    public void aStabBindingRunsOutAndWrapsOnTheWayBack() {
        ThreadPath path = stitching("stab-running").stitch(Stitching.Choice.side(side(5, Set.of(), false), "usual"));
        assertEquals(
                Notation.write(path),
                "^3 v2 ^1 spine ^1 head ^1 v2 spine v2 ^3 v4 ^5 spine ^5 tail ^5 v4 spine v4 ^3 spine tie");
    }

    /** Out at the second of four, wrapping at every hole on the way out, weaving on the way back: common practice, no source. */
    @Test
    public void fourHolesAreWrappedOnTheWayOut() {
        ThreadPath path = stitching("stab-four-hole").stitch(Stitching.Choice.side(side(4, Set.of(), false), "usual"));
        assertEquals(
                Notation.write(path), "^2 spine ^2 v1 spine v1 head v1 ^2 v3 spine v3 ^4 spine ^4 tail ^4 v3 ~2 tie");
    }

    /** In and out to each end and back; nothing goes round the spine: common practice, no source. */
    @Test
    public void aPlainRunningStabWrapsNothing() {
        ThreadPath path = stitching("stab-plain").stitch(Stitching.Choice.side(side(5, Set.of(), false), "usual"));
        assertEquals(Notation.write(path), "^3 v2 ^1 v2 ^3 v4 ^5 v4 ~3 tie");
    }

    @Test
    public void threadsInTheFoldsAreThoseOfThePath() {
        cases(stations -> true).filter(one -> one.structure().form().folded()).forEach(one -> {
            Stitching.Choice choice = one.choice();
            assertEquals(
                    new FoldThreads(one.stitching(), choice).applyAsInt(choice.signatures()),
                    mostInAGap(one.stitching().stitch(choice), one.stitching().sewnAtOnce()),
                    one.toString());
        });
    }

    @Test
    public void threadsInTheFoldsOfManyFollowFromThoseOfFew() {
        for (Structure structure : Structures.all()) {
            structure
                    .stitching(Optional.empty())
                    .filter(sewn -> structure.form().most() > 30)
                    .ifPresent(sewn -> {
                        for (Stitching.Variant way : sewn.variants()) {
                            for (int signatures = 12; signatures <= 30; signatures++) {
                                Stitching.Choice choice =
                                        Stitching.Choice.folds(signatures, 8).withVariant(way.key());
                                assertEquals(
                                        new FoldThreads(sewn, choice).applyAsInt(signatures),
                                        mostInAGap(sewn.stitch(choice), false),
                                        structure.key() + " " + way.key() + " " + signatures);
                            }
                        }
                    });
        }
    }

    /** Two on a length leave half the thread in the folds: common practice, no source. */
    @Test
    public void twoOnALengthLeaveHalfAsMuchInTheFolds() {
        Stitching sewn = stitching("tapes");
        Stitching.Choice choice = Stitching.Choice.folds(8, 8);
        assertEquals(new FoldThreads(sewn, choice).applyAsInt(8), 8);
        assertEquals(new FoldThreads(sewn, choice.withVariant("two-on")).applyAsInt(8), 4);
        assertEquals(new FoldThreads(sewn, choice.withVariant("two-on-between")).applyAsInt(8), 5);
    }

    /** Threads side by side inside the folds at the fullest gap, read off the way itself. */
    private static int mostInAGap(ThreadPath path, boolean atOnce) {
        int[] gaps = new int[500];
        for (Run run : path.moves(Run.class)) {
            boolean inside = run.face() == Face.INSIDE || atOnce;
            int low = Math.min(run.from().station(), run.to().station());
            int high = Math.max(run.from().station(), run.to().station());
            for (int gap = low; inside && !run.climbs() && gap < high; gap++) {
                gaps[gap]++;
            }
        }
        return IntStream.of(gaps).max().orElseThrow();
    }

    private static List<SideHole> side(int main, Set<Role> extras, boolean inner) {
        Length height = Length.ofMm(210);
        Stations along = new StationScheme.Margins(main, Length.ofMm(20), Length.ofMm(20)).along(height);
        return new SideScheme(Length.ofMm(14), extras, Length.ofMm(7), Length.ofMm(7), inner, Length.ofMm(25))
                .holes(along, height);
    }

    private static FoldFrame folds(int signatures, int stations) {
        return FoldFrame.even(
                new StationScheme.Margins(stations, Length.ofMm(15), Length.ofMm(15))
                        .along(Length.ofMm(15 + 10 * stations)),
                signatures,
                Length.ofMm(1.2),
                Length.ofMm(3.5),
                Length.ofMm(0.5),
                Length.ofMm(75));
    }

    /** A structure in one of its ways, as large as said. */
    private record Case(Structure structure, Stitching.Choice choice, Frame frame) {
        private Stitching stitching() {
            return structure.stitching(Optional.empty()).orElseThrow();
        }

        private List<PathFault> faults(ThreadPath path) {
            return PathCheck.faults(
                    path, stitching().pattern(choice), frame, stitching().mostPasses(choice));
        }

        @Override
        public String toString() {
            return structure.key() + " " + choice.variant() + " " + choice.signatures() + " × " + choice.stations();
        }
    }

    private static Stream<Case> cases(IntPredicate stationsTaken) {
        return Structures.all().stream()
                .flatMap(structure -> structure.stitching(Optional.empty()).stream()
                        .flatMap(stitching -> stitching.variants().stream()
                                .flatMap(variant -> structure.holing().throughSide()
                                        ? sideCases(structure, variant.key())
                                        : foldCases(structure, stitching, variant.key(), stationsTaken))));
    }

    private static Stream<Case> foldCases(
            Structure structure, Stitching stitching, String variant, IntPredicate stationsTaken) {
        return IntStream.rangeClosed(2, 12)
                .filter(stationsTaken)
                .filter(stations -> stitching.takesStations(stations, variant))
                .boxed()
                .flatMap(stations -> Stream.of(1, 2, 3, 4, 7, 8)
                        .filter(count -> count >= structure.form().fewest()
                                && count <= structure.form().most())
                        .map(count -> new Case(
                                structure,
                                Stitching.Choice.folds(stitching.sewnAtOnce() ? 1 : count, stations)
                                        .withVariant(variant),
                                folds(count, stations))));
    }

    private static Stream<Case> sideCases(Structure structure, String variant) {
        return IntStream.rangeClosed(2, 9)
                .boxed()
                .flatMap(main -> Stream.of(true, false).map(inner -> {
                    List<SideHole> holes = side(main, structure.holing().extras(), inner);
                    return new Case(structure, Stitching.Choice.side(holes, variant), SideStitches.frame(holes));
                }));
    }

    @DataProvider
    Object[][] all() {
        return cases(stations -> true).map(one -> new Object[] {one}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "all")
    public void everyWayOfEverySizePassesTheIndependentChecks(Case one) {
        assertEquals(one.faults(one.stitching().stitch(one.choice())), List.of(), one.toString());
    }

    @Test(dataProvider = "all")
    public void everyWaySurvivesWritingAndReading(Case one) {
        ThreadPath path = one.stitching().stitch(one.choice());
        assertEquals(Notation.parse(Notation.write(path)), new Notation.Parsed.Path(path), one.toString());
    }

    /** The whole thread in space, measured by JTS. */
    @Test(dataProvider = "all")
    public void everyThreadIsAsLongAsItLiesInSpace(Case one) {
        ThreadPath path = one.stitching().stitch(one.choice());
        double measured = 0;
        for (ThreadPath thread : path.threads()) {
            var points = thread.trace(one.frame());
            for (int i = 1; i < points.size(); i++) {
                var a = points.get(i - 1);
                var b = points.get(i);
                measured +=
                        new Coordinate(a.xMm(), a.yMm(), a.zMm()).distance3D(new Coordinate(b.xMm(), b.yMm(), b.zMm()));
            }
        }
        double formula = path.sewnMm(one.frame()) + path.tailsMm(one.frame());
        assertEquals(measured, formula, formula * 1e-3, one.toString());
    }

    @DataProvider
    Object[][] small() {
        return cases(stations -> stations <= 6)
                .filter(one -> one.choice().signatures() <= 3)
                .map(one -> new Object[] {one})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "small")
    public void aDroppedMoveIsNoticed(Case one) {
        ThreadPath sound = one.stitching().stitch(one.choice());
        for (int i = 0; i < sound.moves().size(); i++) {
            List<Move> moves = new ArrayList<>(sound.moves());
            moves.remove(i);
            // the case is written out only when it fails
            if (one.faults(new ThreadPath(moves)).isEmpty()) {
                fail(one + " without move " + i);
            }
        }
    }

    @Test(dataProvider = "small")
    public void twoSwappedMovesAreNoticed(Case one) {
        ThreadPath sound = one.stitching().stitch(one.choice());
        for (int i = 1; i < sound.moves().size(); i++) {
            List<Move> moves = new ArrayList<>(sound.moves());
            Collections.swap(moves, i - 1, i);
            boolean other = !sound.moves().get(i - 1).equals(sound.moves().get(i));
            // two ties at one hole may be made in either order
            boolean oneSpot =
                    sound.moves().get(i).start().equals(sound.moves().get(i).end())
                            && sound.moves()
                                    .get(i - 1)
                                    .start()
                                    .equals(sound.moves().get(i - 1).end());
            assertTrue(
                    !other || oneSpot || !one.faults(new ThreadPath(moves)).isEmpty(),
                    one + " with moves " + (i - 1) + " and " + i + " swapped");
        }
    }

    @Test(dataProvider = "small")
    public void aMirroredPassIsNoticed(Case one) {
        ThreadPath sound = one.stitching().stitch(one.choice());
        for (int i = 0; i < sound.moves().size(); i++) {
            if (sound.moves().get(i) instanceof Pass pass) {
                List<Move> moves = new ArrayList<>(sound.moves());
                moves.set(i, new Pass(pass.hole(), pass.to().opposite()));
                assertFalse(one.faults(new ThreadPath(moves)).isEmpty(), one + " with pass " + i + " mirrored");
            }
        }
    }

    @Test
    public void aHoleOfAStabBindingIsPassedAsOftenAsStitchesEndThere() {
        List<SideHole> holes = side(4, Set.of(), false);
        ThreadPath path = stitching("stab-four-hole").stitch(Stitching.Choice.side(holes, "usual"));
        // an end: one gap, a wrap round spine and head; inside: two gaps and a wrap
        assertEquals(List.copyOf(new java.util.TreeMap<>(path.passes()).values()), List.of(3, 3, 3, 3));
    }

    @Test
    public void anInnerBindingIsTwoThreadsOfItsOwn() {
        ThreadPath path = stitching("stab-four-hole").stitch(Stitching.Choice.side(side(4, Set.of(), true), "usual"));
        assertEquals(path.threads().size(), 3);
    }

    @Test
    public void openEndsTakeLessThread() {
        List<SideHole> holes = side(4, Set.of(), false);
        StabFrame frame = SideStitches.frame(holes);
        double wrapped = stitching("stab-four-hole")
                .stitch(Stitching.Choice.side(holes, "usual"))
                .sewnMm(frame);
        double open = stitching("stab-four-hole")
                .stitch(Stitching.Choice.side(holes, "open-ends"))
                .sewnMm(frame);
        // head and tail: twice the way to the edge, the thickness, and a pass each
        assertEquals(wrapped - open, 2 * (2 * 20 + 5 + 5), 1e-6);
    }

    @Test
    public void thereAndBackTakesAboutTwiceTheThreadOfASinglePass() {
        FoldFrame frame = folds(8, 6);
        Stitching.Choice choice = Stitching.Choice.folds(8, 6);
        double single = stitching("long-stitch").stitch(choice).sewnMm(frame);
        double twice = stitching("long-stitch")
                .stitch(choice.withVariant("there-and-back"))
                .sewnMm(frame);
        assertEquals(twice / single, 2.0, 0.25);
    }

    @Test
    public void theKnotFaceIsKept() {
        Stitching.Choice outside = Stitching.Choice.folds(2, 3).withKnot(Face.OUTSIDE);
        assertEquals(
                Notation.write(stitching("several-pamphlets").stitch(outside)),
                "-2 +1 -3 +2 tie cut\ns2: -2 +1 -3 +2 tie");
    }
}
