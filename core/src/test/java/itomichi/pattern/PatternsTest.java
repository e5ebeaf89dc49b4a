package itomichi.pattern;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import itomichi.measure.Length;
import itomichi.path.Edge;
import itomichi.path.Face;
import itomichi.pattern.OwnPattern.Line;
import itomichi.pattern.OwnPattern.Turn;
import itomichi.property.Draw;
import itomichi.property.Property;
import itomichi.station.SidePosition;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A binder's own patterns: written, read, sewn, completed. */
public class PatternsTest {

    private static final String LADDER = """
            pattern Ladder
            side 200
            hole 40 12
            hole 70.5 12
            hole 100 12
            front 1-2 2-3
            back 1-2 2-3
            wrap 1 spine
            wrap 3 spine head
            """;

    private static OwnPattern read(String text) {
        PatternText.Parsed parsed = PatternText.parse(text);
        if (parsed instanceof PatternText.Parsed.Fault fault) {
            throw new AssertionError(fault.message());
        }
        return ((PatternText.Parsed.Read) parsed).pattern();
    }

    @Test
    public void aPatternIsReadAsItIsWritten() {
        OwnPattern pattern = read(LADDER);
        assertEquals(
                pattern.turns(), List.of(new Turn(1, Edge.SPINE), new Turn(3, Edge.SPINE), new Turn(3, Edge.HEAD)));
        assertEquals(pattern.places().get(1), new SidePosition(Length.ofMm(70.5), Length.ofMm(12)));
        assertEquals(pattern.lines().get(3), new Line(false, 2, 3));
    }

    @Test
    public void whatIsWrittenIsReadTheSame() {
        Property.holds()
                .of(
                        Draw.between(2, 30),
                        Draw.lists(Draw.between(0, 5000), 0, 40),
                        Draw.either(),
                        (holes, dice, side) -> {
                            OwnPattern pattern = random(holes, dice, side);
                            return read(PatternText.write(pattern)).equals(pattern);
                        });
    }

    private static OwnPattern random(int holes, List<Integer> dice, boolean side) {
        List<SidePosition> places = java.util.stream.IntStream.rangeClosed(1, holes)
                .mapToObj(hole ->
                        new SidePosition(Length.ofMm(5.25 * hole), side ? Length.ofMm(8 + hole % 3) : Length.ZERO))
                .toList();
        List<Line> outer = new java.util.ArrayList<>();
        List<Line> inner = new java.util.ArrayList<>();
        List<Turn> turns = new java.util.ArrayList<>();
        for (int die : dice) {
            int from = 1 + die % holes;
            int to = 1 + (from + die / holes % (holes - 1)) % holes;
            if (side && die % 7 == 0) {
                turns.add(new Turn(from, Edge.values()[die % 3]));
            } else if (from != to) {
                (die % 2 == 0 ? outer : inner).add(new Line(die % 2 == 0, from, to));
            }
        }
        outer.addAll(inner);
        return new OwnPattern("By dice", side, Length.ofMm(170), places, outer, turns);
    }

    @DataProvider
    Object[][] faults() {
        return new Object[][] {
            {"", 1, 1, "the first line is “pattern”"},
            {"fold 200", 1, 1, "the first line is “pattern”"},
            {"pattern A\nhole 12", 2, 1, "“fold” or “side” with the height"},
            {"pattern A\nfold tall", 2, 6, "a number of mm"},
            {"pattern A\nfold 200\nhole 20\nhole 60\noutside 1-3", 5, 9, "two different holes of the 2"},
            {"pattern A\nfold 200\nhole 20\nhole 60\n  front 1-2", 5, 3, "through a fold, stitches lie outside"},
            {"pattern A\nfold 200\nhole 20\nhole 60\nwrap 1 spine", 5, 1, "only a block is wrapped"},
            {"pattern A\nside 200\nhole 20", 3, 1, "a hole is told by its mm from the head and from the spine"},
            {"pattern A\nside 200\nhole 20 9\nhole 40 9\nwrap 1 corner", 5, 8, "spine, head or tail"},
            {"pattern A\nfold 200\nfold 100", 3, 1, "it is told once"},
        };
    }

    @Test(dataProvider = "faults")
    public void aFaultIsToldByLineColumnAndWhatIsWanted(String text, int line, int column, String wanted) {
        PatternText.Parsed.Fault fault = (PatternText.Parsed.Fault) PatternText.parse(text);
        assertEquals(List.of(fault.line(), fault.column()), List.of(line, column), fault.message());
        assertTrue(fault.message().contains(wanted), fault.message());
    }

    @Test
    public void holesOfAFoldAreCountedFromTheHead() {
        PatternText.Parsed.Fault fault =
                (PatternText.Parsed.Fault) PatternText.parse("pattern A\nfold 200\nhole 60\nhole 20");
        assertTrue(fault.message().contains("must lie below hole 1"), fault.message());
    }

    @Test
    public void moreHolesThanAnyHandPunchesAreRefused() {
        List<SidePosition> many =
                java.util.Collections.nCopies(401, new SidePosition(Length.ofMm(10), Length.ofMm(10)));
        expectThrows(
                IllegalArgumentException.class,
                () -> new OwnPattern("Many", true, Length.ofMm(200), many, List.of(), List.of()));
    }

    @Test
    public void aLadderWrappedAtBothEndsIsSewnFromItsMiddle() {
        PatternOrder.Sewn sewn = (PatternOrder.Sewn) PatternOrder.of(read(LADDER));
        assertEquals(sewn.start().station(), 3);
        assertEquals(sewn.ends(), Face.BACK);
    }

    @Test
    public void aLoneHoleStopsWithItsNumber() {
        PatternOrder order =
                PatternOrder.of(read("pattern A\nfold 200\nhole 20\nhole 60\nhole 100\noutside 1-2\ninside 1-2"));
        assertEquals(order, new PatternOrder.Unsewable("Hole 3 holds no thread: no stitch leads to it."));
    }

    @Test
    public void whatIsLackingIsNamedWithItsLength() {
        PatternOrder order =
                PatternOrder.of(read("pattern A\nfold 200\nhole 20\nhole 60\nhole 100\noutside 1-2 2-3\ninside 1-2"));
        assertEquals(order, new PatternOrder.Lacking(List.of(new Line(false, 2, 3)), Length.ofMm(40), true));
    }

    @Test
    public void aPatternIsLaidOnABookOfAnotherHeightInProportion() {
        OwnPattern pattern = read("pattern A\nfold 200\nhole 20\nhole 60\noutside 1-2\ninside 1-2");
        assertEquals(pattern.stations(Length.ofMm(100)), List.of(Length.ofMm(10), Length.ofMm(30)));
    }
}
