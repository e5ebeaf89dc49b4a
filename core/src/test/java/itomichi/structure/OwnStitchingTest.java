package itomichi.structure;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Frame;
import itomichi.path.Notation;
import itomichi.path.PathCheck;
import itomichi.path.StabFrame;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;
import itomichi.pattern.OwnPattern;
import itomichi.pattern.PatternOrder;
import itomichi.pattern.PatternText;
import itomichi.station.SidePosition;
import itomichi.station.Stations;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Patterns of the binder's own are sewn like built-in structures, and checked like them. */
public class OwnStitchingTest {

    private static OwnPattern read(String text) {
        return ((PatternText.Parsed.Read) PatternText.parse(text)).pattern();
    }

    /** What a built-in structure shows in one signature, told as a pattern of one's own. */
    private static OwnPattern told(String structure, int stations) {
        Stitching built = Structures.keyed(structure)
                .orElseThrow()
                .stitching(Optional.empty())
                .orElseThrow();
        StitchPattern shows = built.pattern(Stitching.Choice.folds(1, stations));
        List<SidePosition> places = new ArrayList<>();
        for (int station = 1; station <= stations; station++) {
            places.add(new SidePosition(Length.ofMm(20.0 * station), Length.ZERO));
        }
        return new OwnPattern(
                "told",
                false,
                Length.ofMm(20.0 * (stations + 1)),
                places,
                shows.stitches().stream()
                        .map(stitch -> new OwnPattern.Line(
                                stitch.face() == Face.OUTSIDE,
                                stitch.first().station(),
                                stitch.second().station()))
                        .toList(),
                List.of());
    }

    /** Told as a pattern, a pamphlet is sewn in the order that the trade sews it: common practice, no source. */
    @Test
    public void aPamphletToldAsAPatternIsSewnAsAPamphlet() {
        for (int stations = 3; stations <= 15; stations += 2) {
            ThreadPath built = Structures.keyed("pamphlet")
                    .orElseThrow()
                    .stitching(Optional.empty())
                    .orElseThrow()
                    .stitch(Stitching.Choice.folds(1, stations));
            ThreadPath own = new OwnStitching(told("pamphlet", stations)).stitch(Stitching.Choice.folds(1, stations));
            assertEquals(Notation.write(own), Notation.write(built));
        }
    }

    private static Frame frame(OwnPattern pattern, int signatures) {
        return pattern.side()
                ? new StabFrame(
                        pattern.places().stream()
                                .map(place -> new SidePosition(place.fromHead(), place.fromSpine()))
                                .toList(),
                        pattern.height(),
                        Length.ofMm(6),
                        Length.ofMm(0.5),
                        Length.ofMm(75))
                : FoldFrame.even(
                        new Stations(pattern.stations(pattern.height())),
                        signatures,
                        Length.ofMm(1),
                        Length.ofMm(4),
                        Length.ofMm(0.5),
                        Length.ofMm(75));
    }

    private static Stitching.Choice choice(OwnPattern pattern, int signatures) {
        return pattern.side()
                ? Stitching.Choice.side(pattern.sideHoles(pattern.height()), Stitching.USUAL)
                : Stitching.Choice.folds(signatures, pattern.places().size());
    }

    @DataProvider
    Object[][] dice() {
        List<Object[]> rows = new ArrayList<>();
        Random dice = new Random(26);
        for (int i = 0; i < 120; i++) {
            rows.add(new Object[] {random(dice, i % 2 == 0)});
        }
        return rows.toArray(Object[][]::new);
    }

    private static OwnPattern random(Random dice, boolean side) {
        int holes = 3 + dice.nextInt(9);
        List<SidePosition> places = new ArrayList<>();
        List<OwnPattern.Line> lines = new ArrayList<>();
        List<OwnPattern.Turn> turns = new ArrayList<>();
        for (int hole = 1; hole <= holes; hole++) {
            places.add(
                    new SidePosition(Length.ofMm(15.0 * hole), side ? Length.ofMm(8 + dice.nextInt(12)) : Length.ZERO));
            lines.add(new OwnPattern.Line(dice.nextBoolean(), hole, 1 + (hole + dice.nextInt(holes - 1)) % holes));
            if (side && dice.nextInt(3) == 0) {
                turns.add(new OwnPattern.Turn(hole, itomichi.path.Edge.SPINE));
            }
        }
        return new OwnPattern("by dice", side, Length.ofMm(15.0 * (holes + 1)), places, lines, turns);
    }

    /** Whatever is drawn: completed if need be, its thread passes the independent checks. */
    @Test(dataProvider = "dice")
    public void whateverIsDrawnIsSewnSoundlyOnceItIsWhole(OwnPattern drawn) {
        OwnPattern whole =
                PatternOrder.of(drawn) instanceof PatternOrder.Lacking lacking ? drawn.with(lacking.add()) : drawn;
        OwnStitching own = new OwnStitching(whole);
        Stitching.Choice choice = choice(whole, 2);
        assertEquals(
                PathCheck.faults(own.stitch(choice), own.pattern(choice), frame(whole, 2), own.mostPasses(choice)),
                List.of(),
                PatternText.write(whole));
    }

    @Test(dataProvider = "dice")
    public void itIsWrittenAndReadLikeAnyPath(OwnPattern drawn) {
        if (new OwnStitching(drawn).order() instanceof PatternOrder.Sewn) {
            ThreadPath path = new OwnStitching(drawn).stitch(choice(drawn, 1));
            assertEquals(Notation.parse(Notation.write(path)), new Notation.Parsed.Path(path));
        }
    }

    @Test
    public void everySignatureHasAThreadOfItsOwn() {
        OwnPattern pattern = told("pamphlet", 5);
        assertEquals(
                new OwnStitching(pattern).stitch(choice(pattern, 4)).threads().size(), 4);
    }

    @Test
    public void anotherNumberOfStationsIsNotItsOwn() {
        OwnStitching own = new OwnStitching(told("pamphlet", 5));
        assertTrue(own.takesStations(5, Stitching.USUAL));
        assertFalse(own.takesStations(7, Stitching.USUAL));
    }

    @Test
    public void aPatternThatLacksAStitchIsNotSewn() {
        OwnStitching open = new OwnStitching(
                read("pattern Open\nfold 200\nhole 20\nhole 60\nhole 100\noutside 1-2 2-3\ninside 1-2"));
        assertFalse(open.takesStations(3, Stitching.USUAL));
        expectThrows(IllegalArgumentException.class, () -> open.stitch(Stitching.Choice.folds(1, 3)));
    }

    @Test
    public void twoOfOnePatternAreTheSame() {
        assertEquals(new OwnStitching(told("pamphlet", 5)), new OwnStitching(told("pamphlet", 5)));
        assertEquals(
                new OwnStitching(told("pamphlet", 5)).hashCode(), new OwnStitching(told("pamphlet", 5)).hashCode());
    }
}
